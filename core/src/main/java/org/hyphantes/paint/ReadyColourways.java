package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.setting.CannotRead;

/** The colourways that come with the application, as the open text has them. */
final class ReadyColourways {
    private static final String TEXT = """
            Colourway Quay
            1 bone #EDE6D6
            2 chalk blue #A9C3D6
            3 slack green #7DAE9A
            4 deep water #1F4E5F
            5 kelp #3C4A1F
            6 rope #B9915A
            7 tarred oak #3B2A20
            8 oxide #A4472F
            9 buoy #D98A2B
            10 mussel #4A4570
            11 brass #C3A14A
            12 pewter #8C9196

            Colourway Peat Hearth
            1 ash #E8E1D5
            2 smoke #B8B4AB
            3 oatcake #D9BE8C
            4 ember #C8552B
            5 soot #2A2624
            6 heather #8A6A8E
            7 turf #5B4A33
            8 bracken #9C6B2E
            9 flame #E39A3B
            10 lichen #9FA77A
            11 kettle #4B5257
            12 cinder red #7A2E22

            Colourway Harebell
            1 milk #F3F0E8
            2 bell blue #7C8FC9
            3 dusk #4A5590
            4 night hedge #26304F
            5 stem #6E8F63
            6 moss cup #A9BB7F
            7 foxglove #B3669A
            8 dog rose #E2A9B8
            9 pollen #E0BE4E
            10 chalk path #CFC7B4
            11 wren #7B5B3F
            12 rain #9DB0B8

            Colourway Winter Orchard
            1 frost #EEF2F0
            2 bark #5A4638
            3 russet #A8562F
            4 pippin #9BAA4B
            5 crab apple #B8303C
            6 twig grey #8F8A83
            7 ivy #2F5240
            8 low sun #E8B567
            9 sky at four #B5C4D4
            10 mistle #D5D9B6
            11 wet earth #3A2E28
            12 plum skin #563456

            Colourway Kiln
            1 slip #F0E7D8
            2 celadon #A7C2AC
            3 cobalt wash #2F4C8C
            4 tenmoku #33231D
            5 copper red #9B2F2B
            6 biscuit #D7A684
            7 straw glaze #D9B95B
            8 iron spot #6E4A32
            9 wood ash #B7B29F
            10 turquoise glaze #4FA3A0
            11 manganese #4D3B52
            12 shino #E4C7AE

            Colourway Salt Pan
            1 crust #F7F4EC
            2 shallow #BFE0DA
            3 brine #5FA8A6
            4 deep pan #1E5A66
            5 flamingo #E8968A
            6 samphire #5C7A3A
            7 clay wall #B5764C
            8 tide mud #6B6257
            9 noon #F2D17B
            10 algae #9C3F4F
            11 heron #7F8C99
            12 reed #A89A5B

            Colourway Lamp Room
            1 wick #F4E9CF
            2 oil #C99A3F
            3 glass #BCD1CF
            4 carbide #3D4347
            5 copper pipe #B36A45
            6 brick #8E4436
            7 green baize #2E5B48
            8 ledger #E0D4B4
            9 signal #D2472F
            10 slate roof #5B6470
            11 brass tag #B59A52
            12 pitch #1D1C1F
            """;

    private ReadyColourways() {}

    /** All of them, the one that designs begin with first. */
    static List<Colourway> all() {
        List<Colourway> ready = new ArrayList<>();
        for (String text : TEXT.split("\n\n")) {
            try {
                ready.add(ColourwayText.read(text));
            } catch (CannotRead e) {
                throw new IllegalStateException(e);
            }
        }
        return List.copyOf(ready);
    }
}
