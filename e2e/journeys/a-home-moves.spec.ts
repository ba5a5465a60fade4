import { clickButton, clickMenuItem, goTo, pictured, waitForWords } from '../support/desk.js';
import { setStage } from '../support/stage.js';

const stage = setStage({ demo: true });
/** Another firm, with a server of its own. */
const other = setStage({ demo: false });

interface Home {
  readonly rows: readonly { readonly id: string; readonly name: string }[];
}
interface StoredPhoto {
  readonly document: { readonly about: string; readonly note: string; readonly pins: object[] };
  readonly width: number;
  readonly takenAt: string;
}

let archive: string;

it('a home goes out as an archive with its photos', async () => {
  const { propertyId } = await stage.timerOf('Garage timer');
  const page = await stage.newPage();
  await goTo(page, `${stage.url()}/properties/${propertyId}`);
  await page.evaluate(() => {
    const make = URL.createObjectURL.bind(URL);
    URL.createObjectURL = (blob: Blob) => {
      void blob.arrayBuffer().then((buffer) => {
        const text = Array.from(new Uint8Array(buffer), (byte) => String.fromCharCode(byte));
        document.documentElement.dataset['archive'] = btoa(text.join(''));
      });
      return make(blob);
    };
  });
  await clickButton(page, 'Export');
  await clickMenuItem(page, 'With its photos, as an archive');
  await pictured(page, 'have the archive', () =>
    page.waitForFunction(() => document.documentElement.dataset['archive'], { polling: 200 }),
  );
  archive = await page.evaluate(() => document.documentElement.dataset['archive']!);
  expect(Buffer.from(archive, 'base64').subarray(0, 2).toString()).toBe('PK');
});

it('another firm takes it in, whole: twice is as once', async () => {
  const page = await other.newPage();
  const bringIn = async () => {
    await goTo(page, `${other.url()}/properties`);
    await clickButton(page, 'Import…');
    const input = await page.waitForSelector('.ant-modal input[type="file"]');
    await input!.evaluate((element, base64) => {
      const bytes = Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));
      const data = new DataTransfer();
      data.items.add(new File([bytes], 'plum-cottage.property.zip'));
      if (!(element instanceof HTMLInputElement)) throw new Error('It takes no files.');
      element.files = data.files;
      element.dispatchEvent(new Event('change', { bubbles: true }));
    }, archive);
    await waitForWords(page, '5 photos beside it');
    await clickButton(page, 'Import it');
    await waitForWords(page, 'All 5 photos');
  };
  await bringIn();
  await bringIn();
  const { rows } = await other.ask<Home>('GET', '/properties?q=plum&from=2026-06-01');
  expect(rows.map(({ name }) => name)).toEqual(['Plum cottage']);
  const photos = await other.ask<StoredPhoto[]>('GET', `/properties/${rows[0]!.id}/photos`);
  const { propertyId } = await stage.timerOf('Garage timer');
  const before = await stage.ask<StoredPhoto[]>('GET', `/properties/${propertyId}/photos`);
  const told = (all: readonly StoredPhoto[]) =>
    all.map(({ document, width, takenAt }) => ({ document, width, takenAt }));
  expect(told(photos)).toEqual(told(before));
});

it('what is no archive of a home is refused in words', async () => {
  const page = await other.newPage();
  await goTo(page, `${other.url()}/properties`);
  await clickButton(page, 'Import…');
  const input = await page.waitForSelector('.ant-modal input[type="file"]');
  await input!.evaluate((element) => {
    const data = new DataTransfer();
    data.items.add(new File(['<script>'], 'home.zip'));
    if (!(element instanceof HTMLInputElement)) throw new Error('It takes no files.');
    element.files = data.files;
    element.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await waitForWords(page, 'The archive could not be unpacked');
});
