/** What is said of settings that are too much to work out, wherever they are. */
export const TOO_MUCH_WORDS =
  'This is too much to work out: far more water, or more starts that collide, than any timer makes. Take starts away, shorten run times, or lengthen the cycles.';
