package org.hyphantes.desktop.desk;

import org.hyphantes.setting.Quoted;

/** What the window says of the last act; {@code warning} when it could not be done as asked. */
public record Message(String words, boolean warning) {
    public Message {
        words = Quoted.message(words);
    }

    public static final Message NONE = new Message("", false);
}
