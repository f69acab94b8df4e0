package org.hyphantes.exchange.incoming;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Point;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** What keeps a stranger's SVG from doing harm: no entities, nothing from outside, no scripts, and no more of it than can be drawn. */
final class SvgSafety {
    private static final int DEEPEST = 200;
    private static final int MOST_ELEMENTS = 200_000;
    private static final String LINK = "http://www.w3.org/1999/xlink";

    /** What is taken out and counted, since it is no figure, or leads outside. */
    private static final Set<String> TAKEN_OUT = Set.of(
            "image",
            "script",
            "foreignObject",
            "animate",
            "animateTransform",
            "animateMotion",
            "set",
            "video",
            "audio",
            "iframe");

    private SvgSafety() {}

    /** @throws CannotBring if a document declares entities */
    static void check(byte[] bytes) throws CannotBring {
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        if (text.contains("<!ENTITY") || text.replace("\0", "").contains("<!ENTITY")) {
            throw new CannotBring("This SVG declares entities, which are not read: save it without them.");
        }
        int open = 0;
        for (int at = text.indexOf('<'); at >= 0; at = text.indexOf('<', at + 1)) {
            char next = at + 1 < text.length() ? text.charAt(at + 1) : ' ';
            int end = text.indexOf('>', at);
            boolean alone = end > 0 && text.charAt(end - 1) == '/';
            open += next == '/' ? -1 : Character.isLetter(next) && !alone ? 1 : 0;
            if (open > DEEPEST) {
                throw new CannotBring("This SVG is nested more than " + DEEPEST + " deep: save it with fewer groups.");
            }
        }
    }

    /**
     * Takes out what is no figure, and counts it.
     *
     * @throws CannotBring if more would be drawn than can be
     */
    static Map<String, Integer> cleared(Element root) throws CannotBring {
        Map<String, Integer> left = new LinkedHashMap<>();
        clear(root, left);
        Map<String, Element> ids = new HashMap<>();
        collect(root, ids);
        size(root, ids, new HashMap<>(), new HashSet<>());
        return left;
    }

    private static void clear(Element element, Map<String, Integer> left) {
        for (Node child = element.getFirstChild(); child != null; ) {
            Node next = child.getNextSibling();
            if (child instanceof Element inner) {
                String name = inner.getLocalName();
                String link = link(inner);
                boolean outside = !link.isEmpty() && !link.startsWith("#") && !"a".equals(name);
                if (TAKEN_OUT.contains(name) || outside) {
                    left.merge(outside && !"image".equals(name) ? name + " from outside" : name, 1, Integer::sum);
                    element.removeChild(inner);
                } else {
                    // What is read there knows links by their older name alone.
                    if (inner.hasAttribute("href") && !inner.hasAttributeNS(LINK, "href")) {
                        inner.setAttributeNS(LINK, "xlink:href", link);
                    }
                    count(inner, left);
                    clear(inner, left);
                }
            }
            child = next;
        }
    }

    /** Filters and masks change how a shape looks, which no figure can. */
    private static void count(Element element, Map<String, Integer> left) {
        for (String way : new String[] {"filter", "mask"}) {
            if (element.hasAttribute(way)) {
                left.merge(way, 1, Integer::sum);
                element.removeAttribute(way);
            }
        }
    }

    private static String link(Element element) {
        String link = element.getAttributeNS(LINK, "href");
        return (link.isEmpty() ? element.getAttribute("href") : link).strip();
    }

    private static void collect(Element element, Map<String, Element> ids) {
        if (element.hasAttribute("id")) {
            ids.putIfAbsent(element.getAttribute("id"), element);
        }
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element inner) {
                collect(inner, ids);
            }
        }
    }

    /** How many elements are drawn of one, with all that is used within it. */
    private static double size(
            Element element, Map<String, Element> ids, Map<Element, Double> known, Set<Element> within)
            throws CannotBring {
        if (known.containsKey(element)) {
            return known.get(element);
        }
        if (!within.add(element)) {
            throw new CannotBring("This SVG uses itself within itself: it cannot be drawn.");
        }
        double size = 1;
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element inner) {
                size += size(inner, ids, known, within);
            }
        }
        Element used =
                "use".equals(element.getLocalName()) ? ids.get(link(element).replaceFirst("^#", "")) : null;
        if (used != null) {
            size += size(used, ids, known, within);
        }
        within.remove(element);
        if (size > MOST_ELEMENTS) {
            throw new CannotBring("This SVG would draw more than " + MOST_ELEMENTS + " shapes: save less of it.");
        }
        known.put(element, size);
        return size;
    }

    /** Gives a document that has no size of its own that of its view box, in pixels. */
    static void sized(Element svg) {
        String[] box = svg.getAttribute("viewBox").strip().split("[\\s,]+");
        boolean open = List.of("width", "height").stream()
                .map(svg::getAttribute)
                .anyMatch(size -> size.isBlank() || size.contains("%") || "auto".equals(size.strip()));
        if (box.length == 4 && open) {
            svg.setAttribute("width", box[2]);
            svg.setAttribute("height", box[3]);
        }
    }

    /** The middle of what is seen (user units), about which a document is laid; empty where the origin lies within it already. */
    static Optional<Point> middle(Element svg) {
        String[] box = svg.getAttribute("viewBox").strip().split("[\\s,]+");
        try {
            double x = box.length == 4 ? Double.parseDouble(box[0]) : 0;
            double y = box.length == 4 ? Double.parseDouble(box[1]) : 0;
            double w = box.length == 4 ? Double.parseDouble(box[2]) : 0;
            double h = box.length == 4 ? Double.parseDouble(box[3]) : 0;
            boolean about = x < 0 && y < 0 && x + w > 0 && y + h > 0;
            return about ? Optional.empty() : Optional.of(new Point(x + w / 2, y + h / 2));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
