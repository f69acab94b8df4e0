package org.hyphantes.desktop.wording;

import java.util.List;
import java.util.Optional;
import org.hyphantes.desktop.act.WellActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.CannotRead;

/** The words for the colours of the design: {@code well 3 teal}, {@code well 3 with 5}, {@code well 3 here}, {@code contrast 1 4}, {@code colourway kiln}. */
final class WellWords extends TypedWords {
    static final List<String> ALL = List.of("well", "colourway", "contrast");

    private final WellActs acts;

    WellWords(Desk desk) {
        super(desk);
        this.acts = new WellActs(desk);
    }

    @Override
    void act(String word, String rest) throws CannotRead {
        switch (word) {
            case "well" -> well(rest);
            case "contrast" -> {
                if (rest.isEmpty()) {
                    acts.contrasts();
                    return;
                }
                String[] two = rest.split("\\s+(?:and\\s+)?");
                if (two.length != 2) {
                    throw new CannotRead("Say which two wells: contrast 1 4.");
                }
                acts.contrast(acts.number(two[0]), acts.number(two[1]));
            }
            default -> colourway(rest);
        }
    }

    private void well(String rest) throws CannotRead {
        String[] words = rest.split("\\s+", 2);
        int number = acts.number(words[0]);
        if (words.length == 1) {
            acts.tell(number);
        } else if (words[1].equals("here")) {
            acts.sample(number);
        } else if (words[1].startsWith("with ")) {
            acts.swap(number, acts.number(words[1].substring(5)));
        } else {
            acts.set(number, words[1]);
        }
    }

    private void colourway(String rest) throws CannotRead {
        Optional<Colourway> named = Colourway.named(rest);
        if (rest.equals("copy")) {
            acts.copy();
        } else if (rest.equals("paste")) {
            acts.paste();
        } else if (named.isPresent()) {
            acts.adopt(named.get());
        } else {
            throw new CannotRead("Colourways are "
                    + String.join(
                            ", ", Colourway.EACH.stream().map(Colourway::name).toList())
                    + "; copy and paste take it to and from the clipboard as text.");
        }
    }
}
