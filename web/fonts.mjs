// Letters are set with fonts of their own; they travel with the pages.
import { cpSync, mkdirSync } from "node:fs";

const letters = [
  "literata/400Regular/Literata_400Regular.ttf",
  "atkinson-hyperlegible/400Regular/AtkinsonHyperlegible_400Regular.ttf",
  "atkinson-hyperlegible/700Bold/AtkinsonHyperlegible_700Bold.ttf",
  "noto-naskh-arabic/400Regular/NotoNaskhArabic_400Regular.ttf",
];
mkdirSync("dist/letter-fonts", { recursive: true });
for (const font of letters) {
  cpSync(`node_modules/@expo-google-fonts/${font}`, `dist/letter-fonts/${font.split("/").pop()}`);
}
