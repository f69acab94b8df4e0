package org.hyphantes.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.hyphantes.figure.Polygon;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExpressionTest {
    private static final Scope SCOPE = new Scope(Map.of("seat", Amount.of(62), "r2", Amount.of(5)), Unit.MM);

    @ParameterizedTest
    @CsvSource({
        "40, 40",
        "360/8, 45",
        "2+3*4, 14",
        "(2+3)*4, 20",
        "-170, -170",
        "was + 170, 180",
        "was*2, 20",
        "2^3^2, 512",
        "-2^2, -4",
        "sqrt(2)^2, 2",
        "sin 30, 0.5",
        "cos(60), 0.5",
        "tan 45, 1",
        "1 in, 25.4",
        "72 pt, 25.4",
        "96px, 25.4",
        "1 cm + 5, 15",
        "1/8 turn, 45",
        "22.5 deg, 22.5",
        "seat - r2, 57",
        "Seat, 62",
        "2 pi, nothing",
        "3 * pi, 9.42477796",
        "5.0E-4, 0.0005",
        "1e3, 1000",
        "2.5e+2 - 1E1, 240"
    })
    void arithmeticUnitsAndMeasuresAreRead(String text, String expected) throws CannotRead {
        if (expected.equals("nothing")) {
            assertThatThrownBy(() -> Expression.length(text, SCOPE, 10)).isInstanceOf(CannotRead.class);
        } else {
            double value = Expression.length(text, SCOPE, 10).value();
            assertThat(value).isCloseTo(Double.parseDouble(expected), within(1e-8));
        }
    }

    @Test
    void bareLengthsAreInTheDesignsUnitAndKeepTheirExpression() throws CannotRead {
        Scope inches = new Scope(Map.of("seat", Amount.of(62)), Unit.IN);
        assertThat(Expression.length("2", inches, 0).value()).isCloseTo(50.8, within(1e-9));
        assertThat(Expression.length("1 + 1 cm", inches, 0).value()).isCloseTo(35.4, within(1e-9));
        assertThat(Expression.length("seat", inches, 0).value()).isCloseTo(62, within(1e-9));
        assertThat(Expression.length("was", inches, 25.4).value()).isCloseTo(25.4, within(1e-9));
        assertThat(Expression.amount("360/8", inches, 0)).isEqualTo(new Amount(45, "360/8"));
        assertThat(Expression.amount("45", inches, 0).isExpression()).isFalse();
        assertThat(Expression.length("1 in", SCOPE, 0)).as("kept as typed").isEqualTo(new Amount(25.4, "1 in"));
        assertThat(Expression.length("1 in", inches, 0).isExpression()).isFalse();
        assertThat(Expression.length("12 mm", SCOPE, 0).isExpression()).isFalse();
        assertThat(Expression.amount("1/8 turn", SCOPE, 0)).isEqualTo(new Amount(45, "1/8 turn"));
    }

    @ParameterizedTest
    @CsvSource({
        "sepat, 'sepat is not a measure; did you mean seat?'",
        "quorum, quorum is not a measure.",
        "3 +, A number is missing at the end.",
        "(3, A closing bracket is missing.",
        "3 ) 4, is left over",
        "1/0, has no finite value",
        "1e999, has no finite value",
        "2e, is left over",
        "2e+, is left over",
        "1.2.3, is not a number",
        "'', Type a number",
        "3 ? 4, is left over"
    })
    void whatCannotBeReadIsSaidInWords(String text, String words) {
        assertThatThrownBy(() -> Expression.length(text, SCOPE, 1)).hasMessageContaining(words);
    }

    @Test
    void limitsKeepANumberAndSaySo() throws CannotRead {
        Polygon polygon = Polygon.STARTING;
        Reading<Polygon> few = polygon.schema().read(polygon, "sides", "2", SCOPE);
        assertThat(few.value().sides().value()).isEqualTo(3);
        assertThat(few.note()).contains("sides").contains("3 or more").contains("kept at 3");
        assertThat(polygon.schema()
                        .read(polygon, "upward", "s", SCOPE)
                        .value()
                        .upward()
                        .name())
                .isEqualTo("SIDE");
        assertThatThrownBy(() -> polygon.schema().read(polygon, "colour", "red", SCOPE))
                .hasMessageContaining("sides, radius, upward, out, bearing");
        assertThatThrownBy(() -> polygon.schema().read(polygon, "upward", "edge", SCOPE))
                .hasMessageContaining("none of corner, side");
    }
}
