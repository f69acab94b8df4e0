package org.hyphantes.setting;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;

/** A component of a record by its name: how it is read, and how a record with another value for it is made. */
final class Component<T extends Record> {
    private final RecordComponent[] all;
    private final int index;
    private final Constructor<T> canonical;

    private Component(RecordComponent[] all, int index, Constructor<T> canonical) {
        this.all = all;
        this.index = index;
        this.canonical = canonical;
    }

    /** @throws IllegalArgumentException if the record has no such component */
    static <T extends Record> Component<T> of(Class<T> type, String name) {
        RecordComponent[] all = type.getRecordComponents();
        List<String> names = Arrays.stream(all).map(RecordComponent::getName).toList();
        if (!names.contains(name)) {
            throw new IllegalArgumentException(type.getSimpleName() + " has no " + name);
        }
        try {
            Constructor<T> canonical = type.getDeclaredConstructor(
                    Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new));
            return new Component<>(all, names.indexOf(name), canonical);
        } catch (NoSuchMethodException e) {
            throw new IllegalArgumentException(e);
        }
    }

    Class<?> type() {
        return all[index].getType();
    }

    Object get(T of) {
        return value(of, index);
    }

    private Object value(T of, int i) {
        try {
            return all[i].getAccessor().invoke(of);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        } catch (InvocationTargetException e) {
            throw new IllegalStateException(e.getCause());
        }
    }

    /** The record with this component changed; what its constructor refuses is thrown as it is. */
    T with(T of, Object changed) {
        Object[] values = new Object[all.length];
        for (int i = 0; i < all.length; i++) {
            values[i] = i == index ? changed : value(of, i);
        }
        try {
            return canonical.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof IllegalArgumentException refused) {
                throw refused;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InstantiationException | IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }
}
