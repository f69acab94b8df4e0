package org.hyphantes.setting;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** Measures that are worked out of one another: in an order in which each comes after those that it names, which is how files have them. */
public final class MeasureOrder {
    private final Map<String, Amount> given;
    private final Map<String, Amount> done = new LinkedHashMap<>();
    private final Set<String> open = new LinkedHashSet<>();

    private MeasureOrder(Map<String, Amount> given) {
        this.given = given;
    }

    /**
     * The measures in order, each worked out anew. A size in squares of the net becomes a number, because the net itself may be sized by
     * measures.
     *
     * @throws CannotRead if some are worked out of one another in a ring
     */
    public static Map<String, Amount> of(Map<String, Amount> measures) throws CannotRead {
        MeasureOrder order = new MeasureOrder(measures);
        for (String name : measures.keySet()) {
            order.take(name);
        }
        return order.done;
    }

    /** A measure as it is among others: a number in place of an expression that has another value by them, or none. */
    public static Amount settled(Amount amount, Map<String, Amount> others) {
        Amount there = anew(amount, others);
        return there.equals(amount) ? amount : Amount.of(amount.value());
    }

    private void take(String name) throws CannotRead {
        if (done.containsKey(name)) {
            return;
        }
        if (!open.add(name)) {
            throw new CannotRead(Quoted.of(name) + " would be worked out of itself, by way of "
                    + String.join(", ", open) + "; give one of them a number.");
        }
        if (open.size() > Limits.MEASURE_CHAIN) {
            throw new CannotRead("More than " + Limits.MEASURE_CHAIN
                    + " measures are worked out of one another; give one of them a number.");
        }
        Amount amount = given.get(name);
        for (String other : Expression.measures(amount.expression())) {
            if (given.containsKey(other)) {
                take(other);
            }
        }
        done.put(name, anew(amount, done));
        open.remove(name);
    }

    private static Amount anew(Amount amount, Map<String, Amount> others) {
        if (!amount.isExpression()) {
            return amount;
        }
        try {
            return Expression.length(amount.expression(), new Scope(others, Unit.MM), amount.value());
        } catch (CannotRead e) {
            return Amount.of(amount.value());
        }
    }
}
