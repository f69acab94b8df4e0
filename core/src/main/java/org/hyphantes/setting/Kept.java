package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A list that a thing keeps besides its settings, such as the crossings that an interlacing has pinned: its key in files, and how
 * its entries are told as plain values and read from them. The one description serves every file.
 *
 * @param get the list a thing keeps
 * @param put the thing with another list
 * @param tell an entry as texts, whole numbers, lists of them, and maps by keys
 * @param reader what reads an entry
 */
public record Kept<T, E>(
        String key,
        Function<T, List<E>> get,
        BiFunction<T, List<E>, T> put,
        Function<E, Map<String, Object>> tell,
        Reader<E> reader) {
    /** Reads an entry from plain values. */
    @FunctionalInterface
    public interface Reader<E> {
        E read(Entry entry) throws CannotRead;
    }

    List<Map<String, Object>> told(T of) {
        return get.apply(of).stream().map(tell).toList();
    }

    T read(T of, List<?> told) throws CannotRead {
        List<E> entries = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            Entry entry = Entry.of(told.get(i), "/" + i);
            entries.add(reader.read(entry));
            entry.refuseTheRest();
        }
        return put.apply(of, entries);
    }
}
