package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
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
    private final Function<T, String> sentence;
    private final List<Setting<T>> settings;
    private final List<Kept<T, ?>> kept;
    private final String why;

    public Schema(Class<T> type, String word, String sentence, List<Setting<T>> settings) {
        this(type, word, sentence, settings, List.of());
    }

    /** @param kept the lists that the thing keeps besides its settings */
    public Schema(Class<T> type, String word, String sentence, List<Setting<T>> settings, List<Kept<T, ?>> kept) {
        this(type, word, t -> sentence, settings, kept, "");
    }

    private Schema(
            Class<T> type,
            String word,
            Function<T, String> sentence,
            List<Setting<T>> settings,
            List<Kept<T, ?>> kept,
            String why) {
        this.type = type;
        this.word = word;
        this.sentence = sentence;
        this.settings = List.copyOf(settings);
        this.kept = List.copyOf(kept);
        this.why = why;
    }

    /** The same with what this kind is good for, in one sentence. */
    public Schema<T> because(String reason) {
        return new Schema<>(type, word, sentence, settings, kept, reason);
    }

    /** The same whose sentence depends on the thing: settings that do not count for it now have no slot. */
    public Schema<T> telling(Function<T, String> sentences) {
        return new Schema<>(type, word, sentences, settings, kept, why);
    }

    /** What this kind is good for, in one sentence. */
    public String why() {
        return why;
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
    public List<Part> sentence(Object of, Scope scope) {
        List<Part> parts = new ArrayList<>();
        String template = sentence.apply(type.cast(of));
        Matcher slot = SLOT.matcher(template);
        int from = 0;
        while (slot.find()) {
            if (slot.start() > from) {
                parts.add(new Part(template.substring(from, slot.start()), ""));
            }
            parts.add(new Part(known(slot.group(1)).shown(type.cast(of), scope), slot.group(1)));
            from = slot.end();
        }
        parts.add(new Part(template.substring(from), ""));
        return parts;
    }

    /** The value of a setting: an {@link Amount} or a text. */
    public Object value(Object of, String key) {
        return known(key).value(type.cast(of));
    }

    /** The value of a setting as it would be typed. */
    public String typed(Object of, String key, Scope scope) {
        return known(key).typed(type.cast(of), scope);
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

    /** The thing with numbers in place of expressions that have another value in a scope, or none. */
    public T settled(Object of, Scope scope) {
        T thing = type.cast(of);
        for (Setting<T> setting : settings) {
            thing = setting.settled(thing, scope);
        }
        return thing;
    }

    /** The measures that its expressions name. */
    public Set<String> measures(Object of) {
        Set<String> measures = new LinkedHashSet<>();
        for (Setting<T> setting : settings) {
            if (setting.value(type.cast(of)) instanceof Amount amount) {
                measures.addAll(Expression.measures(amount.expression()));
            }
        }
        return measures;
    }

    /** The thing with one setting put as it is: an {@link Amount}, or a text. */
    public T put(Object of, String key, Object value) {
        return known(key).put(type.cast(of), value);
    }

    /** Whether a setting is a length, which grows with what it is set on. */
    public boolean isLength(String key) {
        return known(key).kind() instanceof Kind.Length;
    }

    /** The settings that refer to a figure, by their keys, with the words for none or all of them. */
    public Map<String, String> figures() {
        Map<String, String> figures = new LinkedHashMap<>();
        for (Setting<T> setting : settings) {
            if (setting.kind() instanceof Kind.Figure figure) {
                figures.put(setting.key(), figure.otherwise());
            }
        }
        return figures;
    }

    /** The thing with other figures in place of those that it refers to, each by one or several; those that are not named stay. */
    public T referring(Object of, Map<String, List<String>> others) {
        T thing = type.cast(of);
        for (Setting<T> setting : settings) {
            if (setting.kind() instanceof Kind.Figure figure
                    && !setting.value(thing).equals(figure.otherwise())) {
                String held = (String) setting.value(thing);
                List<String> ids = new ArrayList<>();
                for (String one : figure.many() ? FigureList.ids(held) : List.of(held)) {
                    ids.addAll(others.getOrDefault(one, List.of(one)));
                }
                thing = setting.put(thing, figure.many() ? FigureList.of(ids) : ids.get(0));
            }
        }
        return thing;
    }

    /** Whether a setting may refer to several figures. */
    public boolean isMany(String key) {
        return known(key).kind() instanceof Kind.Figure figure && figure.many();
    }

    /** The keys of the lists that the thing keeps besides its settings. */
    public List<String> kept() {
        return kept.stream().map(Kept::key).toList();
    }

    /** The entries of a kept list as plain values: texts, whole numbers, lists of them, and maps by keys. */
    public List<Map<String, Object>> told(Object of, String key) {
        return list(key).told(type.cast(of));
    }

    /**
     * The thing with a kept list put in from plain values.
     *
     * @throws CannotRead if an entry is not sound; its place is told from the list
     */
    public T keeping(Object of, String key, List<?> told) throws CannotRead {
        return list(key).read(type.cast(of), told);
    }

    private Kept<T, ?> list(String key) {
        return kept.stream().filter(k -> k.key().equals(key)).findFirst().orElseThrow();
    }

    /** Whether a setting is typed, as a number or as free text, rather than chosen. */
    public boolean isTyped(String key) {
        Kind kind = known(key).kind();
        return !(kind instanceof Kind.Choice || kind.isReference());
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
        throw new CannotRead(
                title() + " has no setting " + Quoted.of(key) + "; it has " + String.join(", ", keys()) + ".");
    }

    private Setting<T> known(String key) {
        try {
            return setting(key);
        } catch (CannotRead e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }
}
