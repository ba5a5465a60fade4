/** A telephone number as links to it have it. */
export const phoneDigits = (phone: string): string => phone.replace(/[^\d+]/g, '');
