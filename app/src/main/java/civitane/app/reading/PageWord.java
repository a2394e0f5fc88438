package civitane.app.reading;

/**
 * A word on a page.
 *
 * @param certain how certain it is that it says this: 1 where it is written so in the file, less where it was read off a picture
 */
record PageWord(String text, Box box, double certain) {}
