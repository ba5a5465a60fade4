// node tools/draw-demo-photos.mjs: draws the photos of the demo, and writes them into the server's demo data.
import { writeFileSync } from 'node:fs';
import { openBrowser } from '../e2e/support/browser.js';

const [WIDTH, HEIGHT, SMALL] = [960, 720, 320];
const TO = 'packages/server/src/demo/photo-data.ts';

const repeated = (count, draw) => Array.from({ length: count }, (_, index) => draw(index)).join('');
/** Numbers that look like chance and are the same each time. */
const odd = (index, most) =>
  (Math.sin(index * 12.9898) * 43758.5453 - Math.floor(Math.sin(index * 12.9898) * 43758.5453)) *
  most;

const grass = (shade = '#5d7f45') =>
  `<rect width="960" height="720" fill="${shade}"/>` +
  repeated(900, (n) => {
    const [x, y, lean] = [odd(n, 960), odd(n + 1000, 720), odd(n + 2000, 14) - 7];
    return `<path d="M${x} ${y}l${lean} -16" stroke="${n % 3 ? '#4b6c38' : '#78995b'}" stroke-width="3"/>`;
  });
const planks =
  `<rect width="960" height="720" fill="#b9a68c"/>` +
  repeated(
    9,
    (n) =>
      `<rect x="${n * 110}" width="104" height="720" fill="${n % 2 ? '#b09c80' : '#bdab92'}"/>`,
  ) +
  repeated(
    26,
    (n) =>
      `<ellipse cx="${odd(n, 960)}" cy="${odd(n + 50, 720)}" rx="5" ry="12" fill="#8f7b60" opacity=".6"/>`,
  );
const box = (x, y, width, height) =>
  `<rect x="${x + 10}" y="${y + 14}" width="${width}" height="${height}" rx="18" fill="#0004"/>
   <rect x="${x}" y="${y}" width="${width}" height="${height}" rx="18" fill="#d8d4ca" stroke="#8c877b" stroke-width="4"/>`;

const SCENES = {
  place: `${planks}${box(330, 170, 270, 320)}
    <rect x="362" y="205" width="206" height="84" rx="8" fill="#3a4a42"/>
    <text x="465" y="266" font-size="56" text-anchor="middle" fill="#bfe0c2" font-family="monospace">4:05</text>
    ${repeated(3, (n) => `<circle cx="${395 + n * 70}" cy="350" r="22" fill="#a5a093"/>`)}
    <path d="M465 490V720" stroke="#555" stroke-width="22"/>
    <path d="M120 0V720" stroke="#7e8a90" stroke-width="34"/><path d="M120 430h150v290" stroke="#7e8a90" stroke-width="30" fill="none"/>
    <rect x="700" y="430" width="150" height="290" fill="#6b5d4b"/><path d="M735 430v-190M775 430v-230M815 430v-160" stroke="#8a6c3f" stroke-width="14"/>`,
  front: `<rect width="960" height="720" fill="#c9c2b4"/>${box(90, 60, 780, 600)}
    <rect x="150" y="120" width="660" height="230" rx="14" fill="#33423b"/>
    <text x="190" y="190" font-size="44" fill="#9fc4a4" font-family="monospace">START 2</text>
    <text x="780" y="310" font-size="120" text-anchor="end" fill="#cdeed0" font-family="monospace">05:40</text>
    ${repeated(5, (n) => `<rect x="${160 + n * 132}" y="420" width="112" height="76" rx="38" fill="#aaa598" stroke="#8c877b" stroke-width="3"/>`)}
    <rect x="160" y="550" width="640" height="56" rx="8" fill="#efeae0"/><text x="180" y="588" font-size="30" fill="#6d675b" font-family="sans-serif">A: lawn    B: beds</text>`,
  wiring: `<rect width="960" height="720" fill="#8d8678"/><rect x="60" y="250" width="840" height="130" rx="10" fill="#2f4a39"/>
    ${repeated(8, (n) => {
      const colour = [
        '#b33b32',
        '#e7e2d6',
        '#2f6ea8',
        '#d9a021',
        '#3d8a52',
        '#7a4c9a',
        '#d97b2f',
        '#222',
      ][n];
      const x = 120 + n * 103;
      return `<path d="M${x} 315c0 180 ${(n - 4) * 24} 160 ${(n - 4) * 40} 420" stroke="${colour}" stroke-width="17" fill="none"/>
        <circle cx="${x}" cy="315" r="30" fill="#c9c4b6"/><path d="M${x - 16} 315h32" stroke="#555" stroke-width="7"/>
        <text x="${x}" y="230" font-size="40" text-anchor="middle" fill="#f4f0e6" font-family="sans-serif">${n === 7 ? 'C' : n + 1}</text>`;
    })}`,
  'valve-box': `${grass()}<rect x="170" y="130" width="620" height="460" rx="50" fill="#2e5138"/><rect x="215" y="172" width="530" height="376" rx="26" fill="#4a3b2c"/>
    ${repeated(60, (n) => `<circle cx="${230 + odd(n, 500)}" cy="${190 + odd(n + 9, 340)}" r="${8 + odd(n + 4, 10)}" fill="${n % 2 ? '#5b4a38' : '#3d3024'}"/>`)}
    ${repeated(2, (n) => `<g transform="translate(${330 + n * 220} 350)"><rect x="-70" y="-26" width="170" height="52" fill="#d9d5cb"/><circle r="66" fill="#232625"/><circle r="34" cy="-8" fill="#3b403e"/><rect x="-16" y="-90" width="32" height="60" rx="6" fill="#101211"/></g>`)}
    <path d="M330 268c60 -60 120 20 300 -40M550 268c40 -50 60 10 110 -30" stroke="#b33b32" stroke-width="9" fill="none"/>
    <path d="M330 272c80 -40 160 30 320 -20" stroke="#e7e2d6" stroke-width="9" fill="none"/><circle cx="646" cy="240" r="20" fill="#d9a021"/>`,
  head: `${grass('#66884c')}<ellipse cx="470" cy="520" rx="190" ry="60" fill="#55432f" opacity=".8"/>
    <g transform="rotate(19 470 520)"><rect x="432" y="300" width="76" height="230" rx="16" fill="#1f2322"/><rect x="418" y="290" width="104" height="46" rx="14" fill="#2d3331"/><rect x="452" y="210" width="36" height="90" fill="#3c4442"/><path d="M452 380l26 26 -18 22 40 44" stroke="#c8cfcc" stroke-width="6" fill="none"/></g>
    ${repeated(26, (n) => `<path d="M${545 + n} ${240 + n * 2}q${120 + odd(n, 140)} ${-120 + odd(n + 3, 60)} ${260 + odd(n + 7, 120)} ${120 + odd(n + 11, 160)}" stroke="#dbe9ef" stroke-width="3" opacity=".65" fill="none"/>`)}`,
};

const { browser, close } = await openBrowser();
const page = await browser.newPage();
const drawn = {};
for (const [name, scene] of Object.entries(SCENES)) {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 960 720" width="${WIDTH}" height="${HEIGHT}">${scene}</svg>`;
  drawn[name] = await page.evaluate(
    async (text, width, height, small) => {
      const image = new Image();
      image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
      await image.decode();
      const drawnAt = (side) => {
        const canvas = document.createElement('canvas');
        canvas.width = side;
        canvas.height = Math.round((side * height) / width);
        canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
        return canvas.toDataURL('image/webp', 0.5).split(',')[1];
      };
      return { picture: drawnAt(width), small: drawnAt(small) };
    },
    ...[svg, WIDTH, HEIGHT, SMALL],
  );
}
await close();
writeFileSync(
  TO,
  `// Written by tools/draw-demo-photos.mjs.

/** Photos of the demo, drawn by us; WebP in base64. */
export const DEMO_PHOTO_DATA = ${JSON.stringify(drawn, null, 2)} as const;
`,
);
for (const [name, { picture, small }] of Object.entries(drawn))
  console.log(name, picture.length, small.length);
