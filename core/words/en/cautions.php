<?php

declare(strict_types=1);

/*
 * The usual cautions of the craft (common practice), by code.
 */
return [
    'gas-pressure' => 'Peroxide and baking soda give off gas together: never close them in a sprayer or bottle, mix them in an open vessel and use them at once.',
    'oxidiser-and-fuel' => 'Peroxide and alcohol together can catch fire, and stronger ones burst: keep them apart, one day the one, another day the other.',
    'strong-vapour' => 'Alcohol carries essential oil into the air: ventilate well, and keep it away from flame, skin, and cats and other pets.',
    'flammable' => 'Alcohol burns: no flame, spark, stove or pilot light while you mix and spray, and let it dry before any light or heater goes on.',
    'no-vinegar' => 'Never mix with vinegar or another acid.',
    'no-bleach' => 'Never mix with bleach, and never use a bottle that held it.',
    'skin-and-cats' => 'Essential oils burn skin undiluted and can poison cats: gloves on, cats out until everything is dry.',
    'water-life' => 'Harms fish and other water life, and bees and helpful mites while wet: none of it into ponds, drains or gutters.',
    'no-sulfur' => 'Keep oil and sulfur weeks apart on the same plant.',
    'heat-and-cold' => 'Not above 90 °F (32 °C) or below 40 °F (4 °C), and not on a plant that is dry at the root.',
    'same-day' => 'Raw egg: use it the same day, wash your hands, and never on anything eaten raw soon.',
    'no-sun' => 'Leaf wet and light on it means burn: spray at dusk, at lights-off or early, and keep it out of the sun until dry.',
    'no-bloom' => 'Never on open flowers, and not while bees fly.',
    'no-frost' => 'Only on dry, leafless wood before the buds break, with no frost due for two days.',
    'gloves-and-eyes' => 'Gloves and eye protection on; do not breathe the mist; never spray towards yourself or indoors without air.',
    'pets-and-children' => 'Children and pets away until everything is dry; wash produce before eating.',
    'label-it' => 'Label the bottle with what is in it and when; never keep it in a drink bottle.',
    'local-rules' => 'A home-made spray is not a registered product, and in some places may not be used as a pesticide: local rules and the label of every bought ingredient come first. Spraying for others or in public is for licensed people.',
];
