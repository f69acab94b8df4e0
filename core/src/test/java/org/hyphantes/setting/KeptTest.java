package org.hyphantes.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Lists kept besides settings: told as plain values, read back the same, and what is amiss is said with its place. */
class KeptTest {
    private enum Way {
        GO_ON,
        TURN_BACK
    }

    private record Post(String name, Way way, List<Integer> steps) {}

    private record Walk(List<Post> posts) {
        Walk with(List<Post> other) {
            return new Walk(other);
        }
    }

    private static final Kept<Walk, Post> POSTS = new Kept<>(
            "posts",
            Walk::posts,
            Walk::with,
            post -> Map.of(
                    "name", post.name(), "way", Entry.word(post.way()), "at", Map.of("steps", post.steps(), "n", 3)),
            entry -> {
                Entry at = entry.entry("at");
                at.count("n");
                return new Post(entry.text("name"), entry.choice("way", Way.class), at.counts("steps"));
            });

    private static Map<String, Object> post(Object name, Object way, Object steps) {
        Map<String, Object> at = new LinkedHashMap<>();
        at.put("steps", steps);
        at.put("n", 3);
        Map<String, Object> post = new LinkedHashMap<>();
        post.put("name", name);
        post.put("way", way);
        post.put("at", at);
        return post;
    }

    @Test
    void whatIsToldIsReadBackTheSame() throws Exception {
        Walk walk = new Walk(
                List.of(new Post("first", Way.GO_ON, List.of(1, -2)), new Post("second", Way.TURN_BACK, List.of())));
        assertThat(POSTS.told(walk).get(1)).containsEntry("way", "turn back");
        assertThat(POSTS.read(new Walk(List.of()), POSTS.told(walk))).isEqualTo(walk);
    }

    @Test
    void whatIsAmissIsSaidWithItsPlace() {
        Map<Object, String> amiss = new LinkedHashMap<>();
        amiss.put("no map", "/1");
        amiss.put(post(7, "go on", List.of()), "/1/name");
        amiss.put(post("x", "go home", List.of()), "/1/way");
        amiss.put(post("x", "go on", "1 2"), "/1/at/steps");
        amiss.put(post("x", "go on", List.of(1, "2")), "/1/at/steps");
        Map<String, Object> more = post("x", "go on", List.of());
        more.put("colour", "red");
        amiss.put(more, "/1/colour");
        amiss.forEach((entry, place) -> assertThatThrownBy(() ->
                        POSTS.read(new Walk(List.of()), List.of(post("a", "go on", List.of()), entry)))
                .isInstanceOfSatisfying(
                        CannotRead.class, e -> assertThat(e.place()).isEqualTo(place)));
    }

    @Test
    void aFigureIsHeldByItsIdAndShownByItsName() throws Exception {
        record Ring(String about) {}
        Setting<Ring> about = Setting.of(Ring.class, "about", new Kind.Figure("the centre"));
        Scope scope = new Scope(Map.of(), Unit.MM, 0, Map.of("circle-1", "Boss", "circle-2", "circle-1"));
        assertThat(about.read(new Ring("the centre"), "Boss", scope).value()).isEqualTo(new Ring("circle-1"));
        assertThat(about.read(new Ring("circle-1"), "circle-1", scope).value())
                .as("a name goes before an id")
                .isEqualTo(new Ring("circle-2"));
        assertThat(about.shown(new Ring("circle-1"), scope)).isEqualTo("Boss");
        assertThat(about.shown(new Ring("the centre"), scope)).isEqualTo("the centre");
        assertThat(about.shown(new Ring("circle-9"), scope)).isEqualTo("a figure that is gone");
        assertThatThrownBy(() -> about.read(new Ring("the centre"), "Bos", scope))
                .isInstanceOf(CannotRead.class)
                .hasMessageContaining("no figure \"Bos\"")
                .hasMessageContaining("Boss");
    }
}
