/** What of a page's words cannot be read where it stands: cut off by its box, or lying beyond the edge of the page. */
export interface CutOff {
  readonly text: string;
  readonly why: 'page' | 'box' | 'edge' | 'field';
  readonly width: number;
  readonly room: number;
}

/**
 * Runs in the page. Widths are compared as the browser laid them out: a box that hides what is wider than it, a field
 * narrower than what stands in it, and words past the edge of the page outside anything that scrolls sideways.
 */
export function cutOffWords(): CutOff[] {
  const found: CutOff[] = [];
  const shown = (one: Element) => one.checkVisibility({ opacityProperty: true, visibilityProperty: true });
  const scrolls = (one: Element): boolean => {
    for (let at: Element | null = one; at && at !== document.body; at = at.parentElement) {
      if (['auto', 'scroll'].includes(getComputedStyle(at).overflowX)) return true;
    }
    return false;
  };
  // Said to a screen reader alone, in a box of one pixel.
  const unseen = (one: Element) => one.closest('.sr-only, [aria-hidden=true]') !== null || one.clientWidth <= 2;
  const say = (one: Element, why: CutOff['why'], width: number, room: number) =>
    found.push({
      text: ((one as HTMLInputElement).value || one.textContent || '').trim().replace(/\s+/gu, ' ').slice(0, 80),
      why,
      width,
      room,
    });
  const page = document.documentElement;
  if (page.scrollWidth > page.clientWidth + 1) say(page, 'page', page.scrollWidth, page.clientWidth);
  for (const one of document.querySelectorAll<HTMLElement>('body *')) {
    const own = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
    const field = one instanceof HTMLInputElement && one.type !== 'checkbox' && one.type !== 'radio';
    if ((!own && !field) || !shown(one)) continue;
    if (field) {
      if (one.clientWidth > 2 && one.scrollWidth > one.clientWidth + 1)
        say(one, 'field', one.scrollWidth, one.clientWidth);
      continue;
    }
    if (unseen(one)) continue;
    const hides = ['hidden', 'clip'].includes(getComputedStyle(one).overflowX);
    if (hides && one.scrollWidth > one.clientWidth + 1) say(one, 'box', one.scrollWidth, one.clientWidth);
    const { right, left } = one.getBoundingClientRect();
    if ((right > page.clientWidth + 1 || (left < -1 && right > 1)) && !scrolls(one))
      say(one, 'edge', Math.round(right), page.clientWidth);
  }
  return found;
}

/** Something to be pressed that a thumb would miss. */
export interface SmallTarget {
  readonly kind: string;
  readonly text: string;
  readonly width: number;
  readonly height: number;
}

/**
 * Runs in the page. What can be pressed and is lower than 44 px; words and figures within a sentence, the drawing and charts are
 * left out, since their size is that of what they stand in.
 */
export function smallTargets(): SmallTarget[] {
  const least = 44 - 0.5;
  const pressed =
    'button, a[href], summary, input, [role=button], [role=slider], [role=combobox], .el-checkbox, .el-radio';
  return [...document.querySelectorAll<HTMLElement>(pressed)].flatMap((one) => {
    if (!one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) || one.closest('svg, .sr-only'))
      return [];
    // A field is as large as the box around it, a tick as its label.
    const box = one.closest('.el-select__wrapper, .el-input__wrapper, .el-checkbox, .el-radio, label') ?? one;
    const { width, height } = box.getBoundingClientRect();
    if (width === 0 || height >= least || getComputedStyle(one).display === 'inline') return [];
    if (one.matches('.number, .skip') || one.closest('.apexcharts-canvas')) return [];
    const kind = `${one.tagName.toLowerCase()}.${[...box.classList].join('.')}`;
    const text = (one.textContent || one.getAttribute('aria-label') || '').trim().slice(0, 50);
    return [{ kind, text, width: Math.round(width), height: Math.round(height) }];
  });
}
