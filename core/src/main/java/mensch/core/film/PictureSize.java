package mensch.core.film;

/** How large a reel's pictures are, pixels. A camera's axis goes through the middle of them. */
public record PictureSize(int width, int height) {}
