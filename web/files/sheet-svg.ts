/** Properties of a drawing that its classes give, written into it so that it stands alone. */
const STYLED = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'stroke-linecap',
  'opacity',
  'font-family',
  'font-weight',
  'letter-spacing',
  'vector-effect',
] as const;

/** An SVG of the screen as one that stands alone: its styles written out, its title and size given. */
export function standaloneSvg(svg: SVGSVGElement, title: string): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const from = [svg, ...svg.querySelectorAll('*')];
  const to = [copy, ...copy.querySelectorAll('*')];
  from.forEach((element, i) => {
    const computed = getComputedStyle(element);
    const own = to[i]!;
    if (own.tagName !== 'title' && own.tagName !== 'defs')
      for (const property of STYLED) own.setAttribute(property, computed.getPropertyValue(property));
    own.removeAttribute('class');
    own.removeAttribute('style');
  });
  copy.querySelectorAll('[aria-hidden="true"]').forEach((ghost) => ghost.remove());
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  const [, , width, height] = (svg.getAttribute('viewBox') ?? '0 0 100 100').split(' ').map(Number);
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  const heading = document.createElementNS('http://www.w3.org/2000/svg', 'title');
  heading.textContent = title;
  copy.prepend(heading);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`;
}
