/**
 * What can be reached by Tab and does not look otherwise while it has the focus: neither it, nor the frame that is drawn
 * for it. Runs in the page, after a key was pressed there.
 */
export async function unseenStops(): Promise<string[]> {
  const STOPS =
    'a[href], button:not(:disabled), input:not(:disabled, [type="file"]), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]';
  /** Some stand in a frame that is drawn for them. */
  const FRAMES =
    '.ant-input-affix-wrapper, .ant-select, .ant-segmented-item, .ant-radio-wrapper, .ant-radio-button-wrapper, .ant-checkbox, .ant-switch, label, td';
  const drawn = () => new Promise(requestAnimationFrame);
  const found: string[] = [];
  for (const stop of document.querySelectorAll<HTMLElement | SVGElement>(STOPS)) {
    if (stop.tabIndex < 0 || !stop.checkVisibility({ visibilityProperty: true })) continue;
    const looks = () =>
      [stop, stop.closest(FRAMES), stop.nextElementSibling, ...stop.children].map((one) => {
        if (!one) return '';
        const { outline, boxShadow, borderColor, clipPath, stroke, strokeWidth } =
          getComputedStyle(one);
        return [outline, boxShadow, borderColor, clipPath, stroke, strokeWidth].join();
      });
    const isSeen = async (wait: () => Promise<unknown>) => {
      stop.focus({ preventScroll: true });
      await wait();
      if (document.activeElement !== stop) return true;
      const has = looks();
      stop.blur();
      await wait();
      const hasNot = looks();
      return has.some((look, index) => look !== hasNot[index]);
    };
    // Some are drawn anew for it, which takes a moment.
    if ((await isSeen(() => Promise.resolve())) || (await isSeen(drawn))) continue;
    found.push(
      `${stop.tagName.toLowerCase()} "${(stop.ariaLabel ?? stop.textContent).trim().slice(0, 40)}"`,
    );
  }
  return found;
}
