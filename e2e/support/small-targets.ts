/**
 * What of a page is tapped, and is less than 44 px wide or high with all that stands for it: its label, its frame. Links
 * within running words are as large as the words, and marks in drawings have lists and buttons beside them that do the
 * same. Runs in the page.
 */
export function smallTargets(): string[] {
  const least = 43.5;
  const TAPPED =
    'a[href], button, input:not([type="hidden"], [type="file"]), select, textarea, summary, [role="button"], [role="switch"], [role="tab"], [role="combobox"]';
  const isShown = (element: Element) =>
    element.checkVisibility({ opacityProperty: false, visibilityProperty: true });

  /** All that does the same where it is tapped. */
  const standIns = (element: Element): Element[] => [
    element,
    ...(element instanceof HTMLInputElement ? (element.labels ?? []) : []),
    ...['label', 'button', 'a', '.ant-input-affix-wrapper', '.ant-select'].flatMap(
      (around) => element.closest(around) ?? [],
    ),
  ];

  const isInWords = (element: Element): boolean =>
    element.matches('a') &&
    getComputedStyle(element).display === 'inline' &&
    [...(element.parentElement?.childNodes ?? [])].some(
      (node) => node.nodeType === Node.TEXT_NODE && /\p{L}{2}/u.test(node.textContent ?? ''),
    );

  /** Whether a tap some way from its middle, up, down and aside, still is one on it. */
  const isReached = (element: Element): boolean => {
    element.scrollIntoView({ block: 'center', inline: 'center' });
    const { left, right, top, bottom } = element.getBoundingClientRect();
    const [x, y] = [(left + right) / 2, (top + bottom) / 2];
    const own = standIns(element);
    return [
      [0, -21],
      [0, 21],
      [-21, 0],
      [21, 0],
    ].every(([aside = 0, down = 0]) => {
      const hit = document.elementFromPoint(x + aside, y + down);
      return hit !== null && own.some((one) => one.contains(hit));
    });
  };

  const found = new Set<string>();
  for (const element of document.querySelectorAll(TAPPED)) {
    if (!isShown(element) || element.closest('svg')) continue;
    // What is for ears and keys alone.
    if (getComputedStyle(element).clipPath !== 'none') continue;
    const boxes = standIns(element).map((one) => one.getBoundingClientRect());
    const isLarge = boxes.some(({ width, height }) => width >= least && height >= least);
    if (isLarge || boxes[0]!.width === 0 || isInWords(element) || isReached(element)) continue;
    const name = element.getAttribute('aria-label') ?? element.textContent;
    const { width, height } = boxes[0]!;
    found.add(
      `${element.tagName.toLowerCase()} "${name.trim().slice(0, 40)}": ${Math.round(width)} × ${Math.round(height)}`,
    );
  }
  return [...found];
}
