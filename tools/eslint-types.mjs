// A lint rule that tells what the compiler finds wrong with a file: linting with types has the whole program at
// hand already, and a second program for the compiler alone would cost every test run a minute.
import ts from 'typescript';

export default {
  meta: { type: 'problem', schema: [], docs: { description: 'What the compiler finds wrong' } },
  create(context) {
    const { program } = context.sourceCode.parserServices ?? {};
    if (!program) return {};
    return {
      Program() {
        const file = program.getSourceFile(context.filename);
        const found = [
          ...program.getSyntacticDiagnostics(file),
          ...program.getSemanticDiagnostics(file),
        ];
        for (const { start, length, messageText } of found)
          context.report({
            loc: {
              start: context.sourceCode.getLocFromIndex(start ?? 0),
              end: context.sourceCode.getLocFromIndex((start ?? 0) + (length ?? 0)),
            },
            message: ts.flattenDiagnosticMessageText(messageText, '\n'),
          });
      },
    };
  },
};
