import type { KeyInput, Page } from 'puppeteer-core';
import { clickOn, paste } from './desk.js';

/** A person's hands on a page: every key that is pressed and every click counts as a step. */
export class Hands {
  steps = 0;

  constructor(readonly page: Page) {}

  /** Clicks what a selector finds first, once it is visible. */
  async click(selector: string): Promise<void> {
    await clickOn(this.page, selector);
    this.steps += 1;
  }

  clickButton = (words: string) => this.click(`xpath/.//button[normalize-space()="${words}"]`);

  async press(key: KeyInput, times = 1): Promise<void> {
    for (let count = 0; count < times; count++) await this.page.keyboard.press(key);
    this.steps += times;
  }

  /** Types a text, each of its letters a step. */
  async type(text: string): Promise<void> {
    await this.page.keyboard.type(text);
    this.steps += [...text].length;
  }

  /** Ctrl and a key: one step. */
  async control(key: KeyInput): Promise<void> {
    await this.page.keyboard.down('Control');
    await this.page.keyboard.press(key);
    await this.page.keyboard.up('Control');
    this.steps += 1;
  }

  /** Ctrl V, with a block of a spreadsheet in hand: one step. */
  async paste(block: string): Promise<void> {
    await paste(this.page, block);
    this.steps += 1;
  }
}
