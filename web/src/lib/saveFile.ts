/** Lets the browser keep, or show, what an address answers with. */
export function saveFile(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.target = '_blank';
  link.rel = 'noopener';
  link.click();
}
