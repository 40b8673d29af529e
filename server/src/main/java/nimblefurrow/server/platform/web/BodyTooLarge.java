package nimblefurrow.server.platform.web;

import java.io.IOException;

/** A request's body is larger than this address takes; said with the limit. */
class BodyTooLarge extends IOException {
  private static final long serialVersionUID = 1;

  BodyTooLarge(long mostBytes) {
    super("what was sent is larger than %s".formatted(words(mostBytes)));
  }

  private static String words(long bytes) {
    return "%d MB".formatted(bytes / (1024 * 1024));
  }
}
