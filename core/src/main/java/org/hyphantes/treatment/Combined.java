package org.hyphantes.treatment;

import java.util.function.IntPredicate;

/** In how many of some areas, and which, a place lies that is kept. */
public enum Combined {
    /** In at least one. */
    ANY_OF,
    /** In every one. */
    ALL_OF,
    /** In the first and in no other. */
    THE_FIRST_WITHOUT_THE_OTHERS_OF,
    /** In an odd number: of two, in just one. */
    AN_ODD_NUMBER_OF;

    boolean keeps(int held, int all, IntPredicate holds) {
        return switch (this) {
            case ANY_OF -> held > 0;
            case ALL_OF -> held == all;
            case THE_FIRST_WITHOUT_THE_OTHERS_OF -> held == 1 && holds.test(0);
            case AN_ODD_NUMBER_OF -> held % 2 == 1;
        };
    }
}
