/** Keeps a drawing of the page as an SVG file of its own: theme colours and fonts are written out, handles are left away. */
export function saveDrawing(drawing: SVGSVGElement, name: string): void {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const box = drawing.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(box.width));
  copy.setAttribute('height', String(box.height));
  copy.setAttribute('font-family', 'sans-serif');
  for (const element of copy.querySelectorAll('[role], [tabindex], [class], [data-testid]')) {
    for (const handle of ['role', 'tabindex', 'class', 'data-testid', 'aria-pressed']) element.removeAttribute(handle);
  }
  const theme = getComputedStyle(document.documentElement);
  const text = new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[\w-]+)\)/g, (_, token: string) => theme.getPropertyValue(token).trim() || 'none');
  const address = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = `${name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}.svg`;
  link.click();
  URL.revokeObjectURL(address);
}
