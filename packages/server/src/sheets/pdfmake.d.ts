// The package has no types of its own, and those made for its earlier version do not fit.
declare module 'pdfmake' {
  interface PdfMake {
    setFonts(fonts: Record<string, { normal: string; bold: string }>): void;
    setUrlAccessPolicy(allows: (url: string) => boolean): void;
    setLocalAccessPolicy(allows: (path: string) => boolean): void;
    createPdf(definition: object): { getBuffer(): Promise<Buffer> };
  }
  const pdfmake: PdfMake;
  export default pdfmake;
}
