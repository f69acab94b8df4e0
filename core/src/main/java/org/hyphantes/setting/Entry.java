package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** An entry of a kept list, as plain values by their keys, being read: what it lacks is said with its place. */
public final class Entry {
    private final Map<?, ?> values;
    private final String at;
    private final Set<String> read = new HashSet<>();
    private final List<Entry> inner = new ArrayList<>();

    private Entry(Map<?, ?> values, String at) {
        this.values = values;
        this.at = at;
    }

    static Entry of(Object value, String at) throws CannotRead {
        if (!(value instanceof Map<?, ?> map)) {
            throw new CannotRead(at, "values by their keys are wanted here.");
        }
        return new Entry(map, at);
    }

    public boolean has(String key) {
        return values.containsKey(key);
    }

    private Object value(String key) {
        read.add(key);
        return values.get(key);
    }

    public String text(String key) throws CannotRead {
        if (!(value(key) instanceof String text)) {
            throw new CannotRead(at + "/" + key, "a text is wanted here.");
        }
        if (text.length() > Limits.NAME || Quoted.isUnsound(text)) {
            throw new CannotRead(at + "/" + key, Quoted.of(text) + " is no name that can be shown.");
        }
        return text;
    }

    /** A list of texts, each of which may be long. */
    public List<String> texts(String key) throws CannotRead {
        if (!(value(key) instanceof List<?> list) || list.size() > Limits.ENTRIES) {
            throw new CannotRead(at + "/" + key, "a list of texts is wanted here.");
        }
        List<String> texts = new ArrayList<>();
        for (Object each : list) {
            texts.add(sound(each, key));
        }
        return texts;
    }

    /** A text that may be long. */
    public String longText(String key) throws CannotRead {
        return sound(value(key), key);
    }

    private String sound(Object value, String key) throws CannotRead {
        if (!(value instanceof String text) || text.length() > Limits.LIST || Quoted.isUnsound(text)) {
            throw new CannotRead(at + "/" + key, "texts that can be shown are wanted here.");
        }
        return text;
    }

    /** A whole number of 0 or more. */
    public int count(String key) throws CannotRead {
        if (!(value(key) instanceof Integer count) || count < 0) {
            throw new CannotRead(at + "/" + key, "a whole number of 0 or more is wanted here.");
        }
        return count;
    }

    /** A whole number from 0 to a most. */
    public int count(String key, int most) throws CannotRead {
        int count = count(key);
        if (count > most) {
            throw new CannotRead(at + "/" + key, "a whole number from 0 to " + most + " is wanted here.");
        }
        return count;
    }

    /** A list of whole numbers. */
    public List<Integer> counts(String key) throws CannotRead {
        if (!(value(key) instanceof List<?> list)) {
            throw new CannotRead(at + "/" + key, "a list is wanted here.");
        }
        if (list.size() > Limits.NAME) {
            throw new CannotRead(at + "/" + key, "more than " + Limits.NAME + " numbers.");
        }
        List<Integer> counts = new ArrayList<>();
        for (Object number : list) {
            if (!(number instanceof Integer count)) {
                throw new CannotRead(at + "/" + key, "whole numbers are wanted here.");
            }
            counts.add(count);
        }
        return counts;
    }

    /** One of the constants of an enum, by its word. */
    public <E extends Enum<E>> E choice(String key, Class<E> type) throws CannotRead {
        String word = text(key);
        List<String> words =
                Arrays.stream(type.getEnumConstants()).map(Entry::word).toList();
        if (!words.contains(word)) {
            throw new CannotRead(
                    at + "/" + key,
                    Quoted.of(word) + " is not known here; it can be " + String.join(", ", words) + ".");
        }
        return type.getEnumConstants()[words.indexOf(word)];
    }

    /** The word for a constant: its name in small letters, with blanks. */
    public static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** An entry within this one. */
    public Entry entry(String key) throws CannotRead {
        Entry within = of(value(key), at + "/" + key);
        inner.add(within);
        return within;
    }

    /** Refuses keys that nothing was read from: a misspelt one must not be lost in silence. */
    void refuseTheRest() throws CannotRead {
        for (Object key : values.keySet()) {
            if (!read.contains(String.valueOf(key))) {
                throw new CannotRead(
                        at + "/" + Quoted.message(String.valueOf(key)), "nothing of this name belongs here.");
            }
        }
        for (Entry within : inner) {
            within.refuseTheRest();
        }
    }
}
