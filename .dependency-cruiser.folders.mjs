// Folders of one package never hang in a circle. Tests, which may stand on anything, are left out.
import rules from './.dependency-cruiser.cjs';

export default {
  forbidden: [
    {
      name: 'no-circles-of-folders',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
  ],
  options: { ...rules.options, exclude: { path: '/dist/|\\.spec\\.|/testing/' } },
};
