/** Why a photo can hardly be read: too few points, too dark, or not sharp. */
export type Doubt = "small" | "dark" | "blurred";

/** The side of what is looked at; a page is drawn that small to be judged quickly. Points. */
const LOOKED_AT = 600;
const LEAST_SIDE = 700;
const LEAST_LIGHT = 70;

/** How much neighbouring points differ at least where there is writing: the variance of the Laplacian. */
const LEAST_SHARPNESS = 60;

/** What makes a picture hard to read; nothing where it is fine, or is no picture that the browser knows. */
export async function readability(file: File): Promise<Doubt | undefined> {
  if (!file.type.startsWith("image/")) return undefined;
  try {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LOOKED_AT / Math.max(picture.width, picture.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(picture.width * scale);
    canvas.height = Math.round(picture.height * scale);
    const drawn = canvas.getContext("2d");
    if (!drawn) return undefined;
    drawn.drawImage(picture, 0, 0, canvas.width, canvas.height);
    if (Math.min(picture.width, picture.height) < LEAST_SIDE) return "small";
    return doubt(drawn.getImageData(0, 0, canvas.width, canvas.height));
  } catch {
    return undefined;
  }
}

/** The same of points that are drawn. */
export function doubt(points: Pick<ImageData, "data" | "width" | "height">): Doubt | undefined {
  const grey = greys(points);
  if (mean(grey) < LEAST_LIGHT) return "dark";
  return sharpness(grey, points.width, points.height) < LEAST_SHARPNESS ? "blurred" : undefined;
}

function greys({ data }: Pick<ImageData, "data">): Float32Array {
  const grey = new Float32Array(data.length / 4);
  for (let i = 0; i < grey.length; i++) {
    grey[i] = 0.299 * data[4 * i] + 0.587 * data[4 * i + 1] + 0.114 * data[4 * i + 2];
  }
  return grey;
}

function mean(values: Float32Array): number {
  return values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);
}

function sharpness(grey: Float32Array, width: number, height: number): number {
  const edges = new Float32Array(Math.max(1, (width - 2) * (height - 2)));
  let n = 0;
  for (let y = 1; y < height - 1; y++) {
    for (let x = 1; x < width - 1; x++) {
      const at = y * width + x;
      edges[n++] = 4 * grey[at] - grey[at - 1] - grey[at + 1] - grey[at - width] - grey[at + width];
    }
  }
  const middle = mean(edges);
  return mean(edges.map((one) => (one - middle) ** 2));
}
