<?php

declare(strict_types=1);

/*
 * Everything the numbers of the product come from. Every catalogue value names one of these keys.
 * `from_memory` says that the figure was written down from memory and deserves a look at the original.
 */
return [
    'practice' => [
        'citation' => 'Common practice among gardeners, no published source',
        'standing' => 'common-practice',
        'from_memory' => false,
    ],
    'house' => [
        'citation' => 'Our own choice, on the cautious side',
        'standing' => 'ours',
        'from_memory' => false,
    ],
    'labels' => [
        'citation' => 'Labels of bought products and handbooks: days from spray to picking, rounds a season',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'plant-kinds' => [
        'citation' => 'Handbooks and labels of oils and soaps: kinds of plants that bear no oil, that soap marks, and what their leaves are like',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'enemies' => [
        'citation' => 'Handbooks of growing under glass: how many of a pest one natural enemy holds down, and what soap, oil and neem do to it',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'nist-44' => [
        'citation' => 'NIST Handbook 44, Appendix C: general tables of units of measurement',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'ucum' => [
        'citation' => 'The Unified Code for Units of Measure (UCUM), reference library',
        'standing' => 'published',
        'from_memory' => false,
    ],
    'oil-density' => [
        'citation' => 'Handbook ranges of oil density near 20 °C: neem 0.91 to 0.93, vegetable 0.915 to 0.925, light paraffin 0.82 to 0.86 g/mL',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'oil-tension' => [
        'citation' => 'Handbook ranges of the tension between oil and bare water near 20 °C: vegetable and neem oils 20 to 25, paraffin oil 40 to 50 mN/m',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'surfactants' => [
        'citation' => 'Handbook ranges of actives and critical concentrations: dish detergent 15 to 30 % and 0.1 to 0.2 g/L, soap bark liquids 10 to 25 % and 0.1 to 0.3 g/L, polysorbate 20 97 % and about 0.06 g/L',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'szyszkowski-1908' => [
        'citation' => 'Szyszkowski (1908), Zeitschrift für Physikalische Chemie 64:385-414: surface tension falls with the logarithm of concentration',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'hinze-1955' => [
        'citation' => 'Hinze (1955), AIChE Journal 1:289-295: the drop that stirring leaves goes with tension to the power of 0.6',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'alcohol-density' => [
        'citation' => 'Handbook density of isopropyl alcohol near 20 °C by percent v/v: 50 % 0.93, 70 % 0.88, 91 % 0.815, 99 % 0.786 g/mL, within 0.01',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'usda-fdc' => [
        'citation' => 'USDA FoodData Central: baking soda 4.6 g per US teaspoon; large egg without shell 50 g',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'extension-oil' => [
        'citation' => 'University extension pest notes on horticultural oil: 1 to 2 % on leaves in season, 2 to 4 % on dormant wood',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'extension-oil-weather' => [
        'citation' => 'University extension pest notes on horticultural oil: not above about 32 °C (90 °F), not near freezing (below 4 °C, 40 °F, in practice)',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'handbook-soap' => [
        'citation' => 'Gardening handbooks: insecticidal soap at 1 to 2 % of the spray',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'horst-1992' => [
        'citation' => 'Horst, Kawamoto and Porter (1992), Plant Disease 76:247-251: sodium bicarbonate 0.063 M with 1 % oil',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'hanley-1983' => [
        'citation' => 'Hanley and Lippman-Hand (1983), JAMA 249:1743-1745: if nothing goes wrong, is everything all right?',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'abbott-1925' => [
        'citation' => 'Abbott (1925), Journal of Economic Entomology 18:265-267',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'henderson-tilton-1955' => [
        'citation' => 'Henderson and Tilton (1955), Journal of Economic Entomology 48:157-161',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'wilson-1927' => [
        'citation' => 'Wilson (1927), Journal of the American Statistical Association 22:209-212',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'soap-chemistry' => [
        'citation' => 'Stoichiometry of soap and hardness: two moles of fatty-acid soap a mole of Ca or Mg; potassium oleate 320.6 g/mol; a liquid castile of about 37 % solids; about 1 mmol/L stays dissolved (critical micelle concentration)',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'kell-1975' => [
        'citation' => 'Kell (1975), Journal of Chemical and Engineering Data 20:97-105: density of water, 0 to 150 °C',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'water-viscosity' => [
        'citation' => 'Handbook formula for the viscosity of water: 2.414e-5 Pa s × 10^(247.8 / (T - 140)), T in kelvin',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'stokes-1851' => [
        'citation' => 'Stokes (1851): terminal velocity of a small sphere, (rho_w - rho_o) g d² / (18 mu)',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'crc-soda' => [
        'citation' => 'CRC Handbook of Chemistry and Physics: 69 g of sodium bicarbonate dissolve in a litre of water at 0 °C, 96 g at 20 °C',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'usgs-hardness' => [
        'citation' => 'USGS classes of water hardness as CaCO3: soft to 60, moderate to 120, hard to 180 mg/L, very hard above',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'bom-spraying' => [
        'citation' => 'Australian Bureau of Meteorology and grains-industry guidance on spraying weather: Delta T 2 to 8 °C preferred, above 10 °C avoided, wind about 3 to 15 km/h',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'mite-degree-days' => [
        'citation' => 'Published development of the two-spotted spider mite: lower threshold about 11.2 °C, 137 degree-days from egg to adult (36 days at 15 °C, 16 at 20, 7 at 30), within a fifth; fastest near 32 °C, none over 42',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'degree-days' => [
        'citation' => 'Handbook values of lower thresholds and degree-days of common greenhouse and garden pests, within a fifth; the warmth at which they develop fastest and not at all any more, within two degrees',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'life-tables' => [
        'citation' => 'Handbooks and life tables of pests under glass: how long each stage lasts, how many of it live and how many they lay, so that numbers double as handbooks have it, within a fifth',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'normal-table' => [
        'citation' => 'Tables of the normal distribution: four of five lie within 1.2816 deviations',
        'standing' => 'published',
        'from_memory' => true,
    ],
    'pocock-1977' => [
        'citation' => 'Pocock (1977), Biometrika 64:191-199: group sequential methods; 0.0221 for three looks',
        'standing' => 'published',
        'from_memory' => true,
    ],
];
