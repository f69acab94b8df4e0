package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The one description of a kind of figure or treatment: its word, its sentence with a slot for every setting, and the
 * settings. The sentence is plain words with slots in braces, such as {@code Turn {times} times about {about}.}
 */
public final class Schema<T> {
    private static final Pattern SLOT = Pattern.compile("\\{([a-z]+)}");

    private final Class<T> type;
    private final String word;
    private final String sentence;
    private final List<Setting<T>> settings;

    public Schema(Class<T> type, String word, String sentence, List<Setting<T>> settings) {
        this.type = type;
        this.word = word;
        this.sentence = sentence;
        this.settings = List.copyOf(settings);
    }

    /** A part of the sentence: plain words, or a slot when there is a key. */
    public record Part(String words, String key) {
        public boolean isSlot() {
            return !key.isEmpty();
        }
    }

    /** The word by which files, the command line and typed words know this kind. */
    public String word() {
        return word;
    }

    public String title() {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    public List<String> keys() {
        return settings.stream().map(Setting::key).toList();
    }

    public Kind kind(String key) throws CannotRead {
        return setting(key).kind();
    }

    /** The sentence about a thing, as plain words and slots with their present values. */
    public List<Part> sentence(Object of, Unit unit) {
        List<Part> parts = new ArrayList<>();
        Matcher slot = SLOT.matcher(sentence);
        int from = 0;
        while (slot.find()) {
            if (slot.start() > from) {
                parts.add(new Part(sentence.substring(from, slot.start()), ""));
            }
            parts.add(new Part(known(slot.group(1)).shown(type.cast(of), unit), slot.group(1)));
            from = slot.end();
        }
        parts.add(new Part(sentence.substring(from), ""));
        return parts;
    }

    /** The value of a setting: an {@link Amount} or a text. */
    public Object value(Object of, String key) {
        return known(key).value(type.cast(of));
    }

    /** The value of a setting as it would be typed. */
    public String typed(Object of, String key, Unit unit) {
        return known(key).typed(type.cast(of), unit);
    }

    /**
     * The thing with one setting read from text.
     *
     * @throws CannotRead if there is no such setting or the text is no value for it
     */
    public Reading<T> read(Object of, String key, String text, Scope scope) throws CannotRead {
        return setting(key).read(type.cast(of), text, scope);
    }

    /** The thing with every expression worked out again, for when a measure has changed. */
    public T renewed(Object of, Scope scope) {
        T thing = type.cast(of);
        for (Setting<T> setting : settings) {
            thing = setting.renewed(thing, scope);
        }
        return thing;
    }

    /** The thing with one setting put as it is: an {@link Amount}, or a text. */
    public T put(Object of, String key, Object value) {
        return known(key).put(type.cast(of), value);
    }

    /** Whether a setting is a length, which grows with what it is set on. */
    public boolean isLength(String key) {
        return known(key).kind() instanceof Kind.Length;
    }

    /** The keys of the settings that name something in the design. */
    public List<String> references() {
        return settings.stream()
                .filter(s -> s.kind() instanceof Kind.Reference)
                .map(Setting::key)
                .toList();
    }

    /** Whether a setting is typed, as a number or as free text, rather than chosen. */
    public boolean isTyped(String key) {
        Kind kind = known(key).kind();
        return !(kind instanceof Kind.Choice || kind instanceof Kind.Reference);
    }

    /** Whether a setting is a whole number. */
    public boolean isCount(String key) {
        return known(key).kind() instanceof Kind.Count;
    }

    private Setting<T> setting(String key) throws CannotRead {
        for (Setting<T> setting : settings) {
            if (setting.key().equals(key)) {
                return setting;
            }
        }
        throw new CannotRead(title() + " has no setting \"" + key + "\"; it has " + String.join(", ", keys()) + ".");
    }

    private Setting<T> known(String key) {
        try {
            return setting(key);
        } catch (CannotRead e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }
}
