/** So many pixels a pixel of the screen: sharp on paper. */
const SCALE = 2;

/**
 * A picture of a chart as a PNG on plain paper.
 *
 * @param svg address of the chart as an image
 * @param width, height of it, CSS pixels
 * @param paper its background
 */
export async function pngOf(svg: string, width: number, height: number, paper: string): Promise<Blob> {
  const image = new Image();
  image.src = svg;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * SCALE;
  canvas.height = height * SCALE;
  const context = canvas.getContext('2d')!;
  context.fillStyle = paper;
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture cannot be made here.')))),
  );
}
