import { Puppeteer } from 'puppeteer-core';

/**
 * Finds what stands on the page under a role and a name, as somebody who hears the page finds it. Chromium's own answer
 * makes the whole tree of the page anew for every question, a tenth of a second on a large one, and a test asks hundreds
 * of times. This reads only what may have the role. That the page's roles and names are sound is axe's to say (pages.test).
 */
function queryAll(root: Node, asked: string): Element[] {
  const [, name = ''] = /\[name="([^]*?)"\]/.exec(asked) ?? [];
  const [, role = ''] = /\[role="(\w+)"\]/.exec(asked) ?? [];
  const text = 'input:not([type]),input[type=text],input[type=email],input[type=tel],input[type=url]';
  const native: Record<string, string> = {
    button: 'button,summary,input[type=button],input[type=submit]',
    link: 'a[href]',
    textbox: `${text},input[type=password],textarea`,
    searchbox: 'input[type=search]',
    combobox: 'select,input[list]',
    checkbox: 'input[type=checkbox]',
    radio: 'input[type=radio]',
    spinbutton: 'input[type=number]',
    slider: 'input[type=range]',
    dialog: 'dialog',
    heading: 'h1,h2,h3,h4',
    listitem: 'li',
    row: 'tr',
    cell: 'td',
    group: 'fieldset',
  };
  // An explicit role takes the place of the element's own.
  const ofRole = (wanted: string) =>
    `[role=${wanted}]` +
    (native[wanted] ?? '')
      .split(',')
      .filter(Boolean)
      .map((each) => `,${each}:not([role])`)
      .join('');
  const roles = role ? [role] : [...Object.keys(native), 'tab', 'option', 'menuitem', 'switch', 'img'];
  const isHidden = (element: Element) => element.getAttribute('aria-hidden') === 'true';
  const contentOf = (node: Node, but?: Element): string => {
    if (node.nodeType === Node.TEXT_NODE) return node.nodeValue ?? '';
    if (!(node instanceof Element) || node === but || isHidden(node) || !node.checkVisibility()) return '';
    return node.getAttribute('aria-label') ?? node.getAttribute('alt') ?? withinOf(node, but);
  };
  const withinOf = (node: Node, but?: Element): string =>
    [...node.childNodes].map((child) => contentOf(child, but)).join('');
  const nameOf = (element: Element): string => {
    const by = element.getAttribute('aria-labelledby')?.trim().split(/\s+/) ?? [];
    const labelled = by.map((id) => document.getElementById(id)).filter((each) => each !== null);
    if (labelled.length > 0) return labelled.map((each) => contentOf(each)).join(' ');
    const said = element.getAttribute('aria-label');
    if (said?.trim()) return said;
    const { labels, type, value } = element as HTMLInputElement;
    if (labels?.length) return [...labels].map((label) => withinOf(label, element)).join(' ');
    if (type === 'submit' || type === 'button') if (element.tagName === 'INPUT') return value;
    const legend = element.tagName === 'FIELDSET' && element.querySelector(':scope > legend');
    const content = legend
      ? contentOf(legend)
      : /^(INPUT|TEXTAREA|SELECT)$/.test(element.tagName)
        ? ''
        : withinOf(element);
    return content.trim() || (element.getAttribute('title') ?? element.getAttribute('placeholder') ?? '');
  };
  // Where a line breaks is layout's.
  const bare = (each: string) => each.replace(/\s+/g, '');
  const within = root instanceof Element || root instanceof Document ? root : document;
  return [...within.querySelectorAll(roles.map(ofRole).join(','))].filter(
    (element) =>
      bare(nameOf(element)) === bare(name) &&
      element.checkVisibility() &&
      !element.closest('[aria-hidden=true],[inert]'),
  );
}

// A compiler may wrap inner functions in a helper of its own that no page has.
const inPage = new Function('root', 'asked', `const __name = (it) => it; return (${queryAll})(root, asked)`);
if (!Puppeteer.customQueryHandlerNames().includes('called'))
  Puppeteer.registerCustomQueryHandler('called', { queryAll: inPage as never });

/** The selector of what has this name, and this role. */
export const called = (name: string, role?: string): string =>
  `::-p-called([name="${name}"]${role ? `[role="${role}"]` : ''})`;
