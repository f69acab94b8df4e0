package org.hyphantes.desktop.desk;

/** What the window says of the last act; {@code warning} when it could not be done as asked. */
public record Message(String words, boolean warning) {
    public static final Message NONE = new Message("", false);
}
