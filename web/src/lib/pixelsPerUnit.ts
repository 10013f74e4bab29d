/** How large a unit of a picture is on the screen: less than its box says where its height is what bounds it. */
export const pixelsPerUnit = (svg: SVGSVGElement | null): number => svg?.getScreenCTM()?.a ?? 1;
