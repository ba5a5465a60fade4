import type { KeyInput, Page } from 'puppeteer-core';
import { clickOn } from './desk.js';

/** What a person does on a page: each click, shortcut and field that is filled is one action, as people count them. */
export class Actions {
  count = 0;

  constructor(readonly page: Page) {}

  async click(selector: string): Promise<void> {
    await clickOn(this.page, selector);
    this.count += 1;
  }

  clickButton = (words: string) =>
    this.click(`xpath/.//button[normalize-space()="${words}"][not(@disabled)]`);

  async press(key: KeyInput): Promise<void> {
    await this.page.keyboard.press(key);
    this.count += 1;
  }

  async shortcut(modifier: KeyInput, key: KeyInput): Promise<void> {
    await this.page.keyboard.down(modifier);
    await this.page.keyboard.press(key);
    await this.page.keyboard.up(modifier);
    this.count += 1;
  }

  /** Fills the field that has the focus. */
  async fill(text: string): Promise<void> {
    await this.page.keyboard.type(text);
    this.count += 1;
  }

  /** Goes to a field and fills it. */
  async fillIn(selector: string, text: string): Promise<void> {
    const field = await this.page.waitForSelector(selector, { visible: true });
    await field!.focus();
    await this.fill(text);
  }
}
