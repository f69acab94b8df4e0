package org.hyphantes.desktop.desk;

import javafx.beans.property.ReadOnlyObjectWrapper;

/** Of a value that equals the one before nobody is told: the field would draw once more what an edit is about to change. */
final class Told<T> extends ReadOnlyObjectWrapper<T> {
    Told(T first) {
        super(first);
    }

    @Override
    public void set(T value) {
        if (!value.equals(get())) {
            super.set(value);
        }
    }
}
