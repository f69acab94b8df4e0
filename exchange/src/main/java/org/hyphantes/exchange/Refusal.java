package org.hyphantes.exchange;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import org.hyphantes.setting.Quoted;

/** Why a file could not be written, in words that name nothing the user has not named. */
public final class Refusal {
    private Refusal() {}

    /** The reason as a clause with its full stop, such as "the disc is full." */
    public static String words(IOException e) {
        if (e instanceof FileSystemException system) {
            String reason = system.getReason() == null ? "" : system.getReason();
            if (e instanceof NoSuchFileException) {
                return "the folder is not there (any more).";
            }
            if (e instanceof AccessDeniedException) {
                return reason.isEmpty() || reason.equals("Permission denied")
                        ? "this folder or file may not be written to."
                        : reason + ".";
            }
            return reason.isEmpty() ? "the system refuses it." : Quoted.message(lower(reason)) + ".";
        }
        String message = e.getMessage() == null ? "the system refuses it" : lower(e.getMessage());
        return Quoted.message(message) + (message.endsWith(".") ? "" : ".");
    }

    private static String lower(String reason) {
        return Character.toLowerCase(reason.charAt(0)) + reason.substring(1);
    }
}
