<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

/**
 * What a careful grower answers to "may this spray go on this plant now", written down before the code. Common practice, no source,
 * but for the waits to picking and the kinds of plants (labels and handbooks, from memory). What is not asked of a row is a grown
 * plant outdoors, a spray that is planned, nothing had, and a clean leaf test of the very spray ten days ago.
 */
final class GateRows
{
    /** @return array<string, array{0: array<string, mixed>|string, 1: array<string, mixed>, 2: array<string, mixed>, 3: string, 4: list<string>, 5?: list<string>}> spray, plant, what else, level, codes that are said, codes that are not */
    public static function all(): array
    {
        return [
            // Where it goes.
            'empty-bed drench on a planted pot' => ['empty-bed-neem-drench', ['leaf' => 'planted-soil'], [], 'stop', ['drench-planted']],
            'empty-bed drench into the pot of a rose' => ['empty-bed-neem-drench', ['kind' => 'rose', 'leaf' => 'ordinary-leaf'], [], 'stop', ['drench-planted']],
            'empty-bed drench on an empty bed' => ['empty-bed-neem-drench', ['leaf' => 'empty-bed'], ['tests' => []], 'ok', [], ['leaf-test', 'drench-planted']],
            'weak drench into a pot' => ['weak-pot-drench', ['kind' => 'basil', 'leaf' => 'tender-leaf'], ['tests' => []], 'ok', [], ['leaf-test']],
            'winter oil on bare wood' => ['winter-wood-oil', ['kind' => 'apple', 'stage' => 'bare'], ['tests' => []], 'ok', [], ['leaf-test']],
            'winter oil once buds break' => ['winter-wood-oil', ['kind' => 'apple', 'stage' => 'budding'], [], 'stop', ['winter-oil-on-leaves']],
            'winter oil in leaf' => ['winter-wood-oil', ['kind' => 'vine', 'stage' => 'in-leaf'], [], 'stop', ['winter-oil-on-leaves']],
            'winter oil in bloom' => ['winter-wood-oil', ['kind' => 'pear', 'stage' => 'in-bloom'], [], 'stop', ['winter-oil-on-leaves']],
            'winter oil, nobody said whether it is bare' => ['winter-wood-oil', ['kind' => 'apple'], ['tests' => []], 'caution', ['bare-unknown']],
            'winter oil on a lemon that is never bare' => ['winter-wood-oil', ['kind' => 'lemon'], [], 'stop', ['winter-oil-on-leaves']],
            'winter oil on a walnut, bare' => ['winter-wood-oil', ['kind' => 'walnut', 'stage' => 'bare'], [], 'stop', ['no-oil']],
            // How strong, for this leaf.
            'neem at 0.77 % on a rose' => ['neem-leaf-quart', ['kind' => 'rose'], [], 'ok', []],
            'neem at 0.77 % on basil' => ['neem-leaf-quart', ['kind' => 'basil'], [], 'caution', ['neem-strength']],
            'soap and kitchen oil, 2.8 %, on basil' => ['castile-and-kitchen-oil', ['kind' => 'basil'], [], 'stop', ['oil-strength', 'soap-strength']],
            'mint kitchen oil by the cup on a dahlia' => ['mint-oil-by-the-cup', ['kind' => 'dahlia'], [], 'stop', ['oil-strength']],
            'paraffin 2 % on a thick leaf' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'moth orchid', 'leaf' => 'tough-leaf', 'place' => 'indoors'], [], 'ok', []],
            'paraffin 2 % on a thick leaf that is grazed' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'moth orchid', 'leaf' => 'tough-leaf', 'place' => 'indoors', 'flags' => ['wounded']], [], 'stop', ['oil-strength']],
            'where kind and gardener differ, the stricter' => ['castile-and-kitchen-oil', ['kind' => 'lettuce', 'leaf' => 'tough-leaf'], [], 'stop', ['oil-strength']],
            'the gardener is the stricter' => ['neem-leaf-quart', ['kind' => 'lemon', 'leaf' => 'tender-leaf'], [], 'caution', ['neem-strength']],
            // Kinds that bear no oil.
            'neem on a red maple' => ['neem-leaf-quart', ['kind' => 'red maple'], [], 'stop', ['no-oil']],
            'paraffin on a Japanese maple of a named variety' => ['fine-paraffin-mist', ['kind' => 'Japanese Maple ‘Bloodgood’', 'leaf' => 'ordinary-leaf'], [], 'stop', ['no-oil']],
            'essential oil on a fern' => ['mint-mask', ['kind' => 'Boston fern', 'place' => 'indoors'], [], 'stop', ['no-oil']],
            'soap on a fern' => ['mild-soap', ['kind' => 'Boston fern', 'place' => 'indoors'], [], 'caution', [], ['no-oil']],
            'oil where the gardener says it bears none' => ['fine-paraffin-mist', ['kind' => 'rose', 'flags' => ['bears-no-oil']], [], 'stop', ['no-oil']],
            'a swab on a red maple' => ['half-alcohol-swab', ['kind' => 'red maple'], ['tests' => []], 'ok', [], ['no-oil']],
            // Bloom.
            'neem on open bloom outdoors' => ['neem-leaf-quart', ['kind' => 'rose', 'stage' => 'in-bloom'], [], 'stop', ['in-flower']],
            'neem on open bloom indoors' => ['neem-leaf-quart', ['kind' => 'hibiscus', 'stage' => 'in-bloom', 'place' => 'indoors'], [], 'caution', ['in-flower']],
            'a swab beside open bloom' => ['half-alcohol-swab', ['kind' => 'rose', 'stage' => 'in-bloom'], ['tests' => []], 'ok', [], ['in-flower']],
            'a drench under open bloom' => ['weak-pot-drench', ['kind' => 'rose', 'stage' => 'in-bloom'], ['tests' => []], 'ok', [], ['in-flower']],
            // Dry, young, freshly moved.
            'soap on a plant that is dry at the root' => ['plain-soap', ['kind' => 'rose', 'flags' => ['dry-root']], [], 'stop', ['dry-root']],
            'alcohol on a plant that is dry at the root' => ['mild-alcohol', ['kind' => 'rose', 'flags' => ['dry-root']], [], 'stop', ['dry-root']],
            'soda on a plant that is dry at the root' => ['soda-leaf-spray', ['kind' => 'rose', 'flags' => ['dry-root']], [], 'stop', ['dry-root']],
            'neem on a seedling' => ['neem-leaf-quart', ['kind' => 'tomato', 'stage' => 'seedling'], [], 'stop', ['young-plant']],
            'neem at half strength on a seedling' => [['recipe' => 'neem-leaf-quart', 'factor' => 0.5], ['kind' => 'tomato', 'stage' => 'seedling'], [], 'caution', ['young-plant']],
            'neem at 0.2 % on a seedling' => ['mild-neem', ['kind' => 'tomato', 'stage' => 'seedling'], [], 'caution', ['young-plant']],
            'soap on a plant that was moved' => ['plain-soap', ['kind' => 'rose', 'flags' => ['freshly-moved']], [], 'stop', ['young-plant']],
            // Alcohol on hairs.
            'alcohol of 12 % on an african violet' => [Gates::of(['isopropyl-alcohol' => [120, 'mL', 100]]), ['kind' => 'African violet', 'place' => 'indoors'], [], 'stop', ['alcohol-strength']],
            'alcohol of 5 % on a hairy leaf' => [Gates::of(['isopropyl-alcohol' => [50, 'mL', 100]]), ['leaf' => 'hairy-leaf', 'place' => 'indoors'], [], 'caution', ['alcohol-strength']],
            'a swab of alcohol on a hairy leaf' => ['half-alcohol-swab', ['kind' => 'coleus', 'place' => 'indoors'], ['tests' => []], 'caution', ['swab']],
            // Kinds that soap marks.
            'soap at 1 % on a fuchsia that soap marks, tested' => ['plain-soap', ['kind' => 'lantana'], [], 'ok', [], ['soap-sensitive']],
            'soap at 1 % on a kind that soap marks, not tested' => ['plain-soap', ['kind' => 'lantana'], ['tests' => []], 'caution', ['soap-sensitive', 'leaf-test']],
            'soap at 1.4 %, half of an ordinary stop is 1.5' => [Gates::of(['castile-soap' => [14, 'mL']]), ['kind' => 'cherry'], [], 'ok', []],
            'soap at 1.6 % on a cherry' => [Gates::of(['castile-soap' => [16, 'mL']]), ['kind' => 'cherry'], [], 'stop', ['soap-sensitive']],
            'detergent at 0.55 % on sweet peas' => [Gates::of(['dish-detergent' => [5.5, 'mL']]), ['kind' => 'sweet pea'], [], 'stop', ['soap-sensitive']],
            // Oil again.
            'paraffin 1 %, then 2 % the same day' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 0, 'recipe' => 'fine-paraffin-mist']]], 'caution', ['repeated']],
            'paraffin 2 % twice within a week' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 5, 'recipe' => 'fine-paraffin-mist', 'highEnd' => true]]], 'stop', ['strong-oil-again']],
            'paraffin 2 % twice on the seventh day' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 7, 'recipe' => 'fine-paraffin-mist', 'highEnd' => true]]], 'stop', ['strong-oil-again']],
            'paraffin 2 % three weeks after 2 %' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 21, 'recipe' => 'fine-paraffin-mist', 'highEnd' => true]]], 'caution', ['strong-oil-again']],
            'paraffin 2 % after 29 days' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 29, 'recipe' => 'fine-paraffin-mist', 'highEnd' => true]]], 'ok', []],
            'paraffin 2 % after 2 % that was rinsed off' => [['recipe' => 'fine-paraffin-mist', 'highEnd' => true], ['kind' => 'rose'], ['had' => [['daysAgo' => 5, 'recipe' => 'fine-paraffin-mist', 'highEnd' => true, 'rinsed' => true]]], 'caution', ['repeated'], ['strong-oil-again']],
            'paraffin 1 % a week after 1 %' => ['fine-paraffin-mist', ['kind' => 'rose'], ['had' => [['daysAgo' => 7, 'recipe' => 'fine-paraffin-mist']]], 'ok', [], ['repeated']],
            'paraffin 1 % five days after 1 %' => ['fine-paraffin-mist', ['kind' => 'rose'], ['had' => [['daysAgo' => 5, 'recipe' => 'fine-paraffin-mist']]], 'caution', ['repeated']],
            'paraffin 1 % on the fourth day in a row' => ['fine-paraffin-mist', ['kind' => 'rose'], ['had' => [['daysAgo' => 1, 'recipe' => 'fine-paraffin-mist'], ['daysAgo' => 2, 'recipe' => 'fine-paraffin-mist'], ['daysAgo' => 3, 'recipe' => 'fine-paraffin-mist'], ['daysAgo' => 4, 'recipe' => 'fine-paraffin-mist']]], 'stop', ['repeated']],
            'neem 0.77 % every 4 days' => ['neem-leaf-quart', ['kind' => 'rose'], ['everyDays' => 4], 'ok', []],
            'neem 0.77 % every 3 days' => ['neem-leaf-quart', ['kind' => 'rose'], ['everyDays' => 3], 'caution', ['repeated']],
            'neem 0.77 % every day' => ['neem-leaf-quart', ['kind' => 'rose'], ['everyDays' => 1], 'stop', ['repeated']],
            // Sulfur and copper.
            'neem ten days after sulfur' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 10, 'substance' => 'sulfur']]], 'stop', ['sulfur-lately']],
            'neem on the fourteenth day after sulfur' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 14, 'substance' => 'sulfur']]], 'stop', ['sulfur-lately']],
            'soda with oil three weeks after sulfur' => ['soda-and-oil-by-the-book', ['kind' => 'rose'], ['had' => [['daysAgo' => 21, 'substance' => 'sulfur']]], 'caution', ['sulfur-lately']],
            'neem a month after sulfur' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 31, 'substance' => 'sulfur']]], 'ok', [], ['sulfur-lately']],
            'plain soap two days after sulfur' => ['plain-soap', ['kind' => 'rose'], ['had' => [['daysAgo' => 2, 'substance' => 'sulfur']]], 'ok', [], ['sulfur-lately']],
            'a scent of mint two days after sulfur' => ['mint-mask', ['kind' => 'rose'], ['had' => [['daysAgo' => 2, 'substance' => 'sulfur']]], 'ok', [], ['sulfur-lately']],
            'soap five days after copper' => ['plain-soap', ['kind' => 'rose'], ['had' => [['daysAgo' => 5, 'substance' => 'copper']]], 'caution', ['copper-lately']],
            'soap eight days after copper' => ['plain-soap', ['kind' => 'rose'], ['had' => [['daysAgo' => 8, 'substance' => 'copper']]], 'ok', [], ['copper-lately']],
            'peroxide five days after copper' => ['peroxide-in-turn', ['kind' => 'rose'], ['had' => [['daysAgo' => 5, 'substance' => 'copper']]], 'ok', [], ['copper-lately']],
            // What burnt.
            'the same that burnt 30 %' => ['plain-soap', ['kind' => 'rose'], ['tests' => [], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'stop', ['burnt-before']],
            'stronger than what burnt' => [['recipe' => 'plain-soap', 'factor' => 1.5], ['kind' => 'rose'], ['tests' => [], 'had' => [['daysAgo' => 200, 'recipe' => 'plain-soap', 'burntPercent' => 12]]], 'stop', ['burnt-before']],
            'half of what burnt' => [['recipe' => 'plain-soap', 'factor' => 0.5], ['kind' => 'rose'], ['tests' => [], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'caution', ['burnt-family', 'leaf-test'], ['burnt-before']],
            'a test at half since then is clean, and half of it goes on' => [['recipe' => 'plain-soap', 'factor' => 0.5], ['kind' => 'rose'], ['tests' => [['daysAgo' => 8, 'recipe' => 'plain-soap', 'factor' => 0.5, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true]], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'caution', ['burnt-family'], ['burnt-before', 'leaf-test']],
            'a test at 0.9 since then frees up to 1.08' => ['plain-soap', ['kind' => 'rose'], ['tests' => [['daysAgo' => 8, 'recipe' => 'plain-soap', 'factor' => 0.9, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true]], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'caution', ['burnt-family'], ['burnt-before']],
            'a test at half frees no full strength' => ['plain-soap', ['kind' => 'rose'], ['tests' => [['daysAgo' => 8, 'recipe' => 'plain-soap', 'factor' => 0.5, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true]], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'stop', ['burnt-before']],
            'a test before the burn frees nothing' => ['plain-soap', ['kind' => 'rose'], ['tests' => [['daysAgo' => 40, 'recipe' => 'plain-soap', 'factor' => 0.9, 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true]], 'had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'stop', ['burnt-before']],
            'neem ten days after a burn by soap' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 10, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'caution', ['burnt-lately'], ['burnt-before', 'burnt-family']],
            'neem twenty days after a burn by soap' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 20, 'recipe' => 'plain-soap', 'burntPercent' => 30]]], 'ok', []],
            'another oil after a burn by oil' => ['kitchen-oil-by-the-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 40, 'recipe' => 'fine-paraffin-mist', 'burntPercent' => 20]]], 'caution', ['burnt-family']],
            'a mark of 4 % is no burn' => ['neem-leaf-quart', ['kind' => 'rose'], ['had' => [['daysAgo' => 10, 'recipe' => 'plain-soap', 'burntPercent' => 4]]], 'ok', [], ['burnt-lately']],
            // Picking.
            'essential oil on basil that is picked the day after tomorrow' => [['recipe' => 'rosemary-mist', 'factor' => 0.5], ['kind' => 'basil', 'harvestInDays' => 2], [], 'caution', ['picked-soon']],
            'essential oil on basil that is picked in three days' => [['recipe' => 'rosemary-mist', 'factor' => 0.5], ['kind' => 'basil', 'harvestInDays' => 3], [], 'ok', [], ['picked-soon']],
            'soap on beans that are picked today' => ['plain-soap', ['kind' => 'bean', 'harvestInDays' => 0], [], 'ok', []],
            'detergent at 0.3 % on beans that are picked tomorrow' => ['mild-soap', ['kind' => 'bean', 'harvestInDays' => 1], [], 'caution', ['picked-soon']],
            'egg milk on lettuce eaten raw in ten days' => [['recipe' => 'egg-and-oil-milk'], ['kind' => 'cabbage', 'flags' => ['eaten-raw'], 'harvestInDays' => 10], [], 'stop', ['eaten-raw']],
            'egg milk on apples in ten days' => ['egg-and-oil-milk', ['kind' => 'apple', 'stage' => 'in-leaf', 'harvestInDays' => 10], [], 'ok', []],
            'neem on what is eaten raw in two days' => ['mild-neem', ['kind' => 'rose', 'flags' => ['eaten-raw'], 'harvestInDays' => 2], [], 'caution', ['picked-soon']],
            'neem on what is cooked in two days' => ['mild-neem', ['kind' => 'rose', 'harvestInDays' => 2], [], 'ok', []],
            // The bottle.
            'not all spoons were ticked' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 1, 'ticked' => 'some', 'sprayerHadWeedKiller' => false]], ['kind' => 'rose'], [], 'caution', ['unknown-mix', 'leaf-test']],
            'not all spoons were ticked, and this bottle was tested' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 60, 'ticked' => 'some', 'sprayerHadWeedKiller' => false]], ['kind' => 'rose'], ['tests' => [['daysAgo' => 2, 'recipe' => 'plain-soap', 'leaves' => 3, 'worstPercent' => 0, 'sameKind' => true, 'thisBottle' => true]]], 'caution', ['unknown-mix'], ['leaf-test']],
            'all spoons ticked, an hour old' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 1, 'ticked' => 'all', 'sprayerHadWeedKiller' => false]], ['kind' => 'rose'], [], 'ok', []],
            'neem of the day before yesterday' => [['recipe' => 'neem-leaf-quart', 'bottle' => ['madeHoursAgo' => 30, 'ticked' => 'all', 'sprayerHadWeedKiller' => false]], ['kind' => 'rose'], [], 'stop', ['batch']],
            'neem that one school would have poured away' => [['recipe' => 'neem-leaf-quart', 'bottle' => ['madeHoursAgo' => 12, 'ticked' => 'all', 'sprayerHadWeedKiller' => false]], ['kind' => 'rose'], [], 'caution', ['batch']],
            'weed killer was in the sprayer' => [['recipe' => 'plain-soap', 'bottle' => ['madeHoursAgo' => 1, 'ticked' => 'all', 'sprayerHadWeedKiller' => true]], ['kind' => 'rose'], [], 'stop', ['weed-killer']],
            'hot water' => ['plain-soap', ['kind' => 'rose'], ['waterTemperature_C' => 50], 'stop', ['hot-water']],
            'body-warm water' => ['plain-soap', ['kind' => 'rose'], ['waterTemperature_C' => 45], 'ok', []],
            'peroxide from a bottle of 12 %' => [['recipe' => 'peroxide-in-turn', 'factor' => 0.25, 'strengths' => ['hydrogen-peroxide' => 12]], ['kind' => 'rose'], [], 'caution', ['peroxide-bottle']],
            'peroxide from a bottle of 35 %' => [['recipe' => 'peroxide-in-turn', 'factor' => 0.08, 'strengths' => ['hydrogen-peroxide' => 35]], ['kind' => 'rose'], [], 'stop', ['peroxide-bottle']],
            'peroxide from the pharmacy' => ['peroxide-in-turn', ['kind' => 'rose'], [], 'ok', [], ['peroxide-bottle']],
            // How far a proof reaches.
            'nothing was tested' => ['plain-soap', ['kind' => 'rose'], ['tests' => []], 'caution', ['leaf-test']],
            'tested, 1.2 times as strong' => [['recipe' => 'plain-soap', 'factor' => 1.2], ['kind' => 'rose'], ['tests' => [Gates::clean('plain-soap')]], 'ok', []],
            'tested, 1.3 times as strong' => [['recipe' => 'plain-soap', 'factor' => 1.3], ['kind' => 'rose'], ['tests' => [Gates::clean('plain-soap')]], 'caution', ['leaf-test']],
            'tested on another kind' => ['plain-soap', ['kind' => 'rose'], ['tests' => [[...Gates::clean('plain-soap'), 'sameKind' => false]]], 'caution', ['leaf-test']],
            'tested 61 days ago' => ['plain-soap', ['kind' => 'rose'], ['tests' => [[...Gates::clean('plain-soap'), 'daysAgo' => 61]]], 'caution', ['leaf-test']],
            'tested before a heat wave' => ['plain-soap', ['kind' => 'rose'], ['tests' => [[...Gates::clean('plain-soap'), 'sinceThen' => ['heat']]]], 'caution', ['leaf-test']],
            'tested with another bottle of soap' => ['plain-soap', ['kind' => 'rose'], ['tests' => [[...Gates::clean('plain-soap'), 'sinceThen' => ['other-bottle']]]], 'caution', ['leaf-test']],
            'tested on another variety of the kind' => ['plain-soap', ['kind' => 'coleus'], ['tests' => [[...Gates::clean('plain-soap'), 'sinceThen' => ['other-variety']]]], 'caution', ['leaf-test'], ['rare-plant']],
            'tested on another variety, and on its own' => ['plain-soap', ['kind' => 'coleus'], ['tests' => [[...Gates::clean('plain-soap'), 'sinceThen' => ['other-variety']], Gates::clean('plain-soap')]], 'ok', []],
            'another variety was marked' => ['plain-soap', ['kind' => 'coleus'], ['tests' => [[...Gates::clean('plain-soap'), 'worstPercent' => 30, 'sinceThen' => ['other-variety']]]], 'stop', ['leaf-test']],
            // Is it worth the risk? What others of its kind bore speaks of a rare plant no more than of another variety.
            'a rare plant, not tested' => ['plain-soap', ['kind' => 'rose', 'flags' => ['rare']], ['tests' => []], 'caution', ['rare-plant', 'leaf-test']],
            'a rare plant, and others of its kind bore it' => ['plain-soap', ['kind' => 'rose', 'flags' => ['rare']], ['tests' => [[...Gates::clean('plain-soap'), 'sinceThen' => ['other-plant']]]], 'caution', ['rare-plant', 'leaf-test']],
            'a rare plant that bore it itself' => ['plain-soap', ['kind' => 'rose', 'flags' => ['rare']], [], 'ok', [], ['rare-plant']],
            'a rare plant that was tested at half' => ['plain-soap', ['kind' => 'rose', 'flags' => ['rare']], ['tests' => [[...Gates::clean('plain-soap'), 'factor' => 0.5]]], 'caution', ['rare-plant', 'leaf-test']],
            'a rare plant, and insects touched one by one' => ['half-alcohol-swab', ['kind' => 'rose', 'flags' => ['rare']], ['tests' => []], 'ok', [], ['rare-plant']],
            'a rare plant, dry at the root' => ['plain-soap', ['kind' => 'rose', 'flags' => ['rare', 'dry-root']], ['tests' => []], 'stop', ['dry-root', 'rare-plant']],
            'one leaf is no test' => ['plain-soap', ['kind' => 'rose'], ['tests' => [[...Gates::clean('plain-soap'), 'leaves' => 1]]], 'caution', ['leaf-test']],
            'oil on a waxy bloom, not tested' => ['kitchen-oil-by-the-quart', ['kind' => 'echeveria', 'place' => 'indoors'], ['tests' => []], 'caution', ['oil-on-bloom', 'leaf-test']],
            // Common practice, no source: orchids bear mineral oil and neem, and kitchen oil clogs their leaves.
            'kitchen oil on an orchid, not tested' => ['kitchen-oil-by-the-quart', ['kind' => 'moth orchid', 'place' => 'indoors'], ['tests' => []], 'caution', ['kitchen-oil-heavy', 'leaf-test']],
            'kitchen oil on an orchid, tested' => ['kitchen-oil-by-the-quart', ['kind' => 'moth orchid', 'place' => 'indoors'], [], 'ok', [], ['kitchen-oil-heavy']],
            'paraffin oil on an orchid' => ['fine-paraffin-mist', ['kind' => 'moth orchid', 'place' => 'indoors'], [], 'ok', [], ['kitchen-oil-heavy']],
            'kitchen oil on a lemon' => ['kitchen-oil-by-the-quart', ['kind' => 'lemon', 'place' => 'indoors'], [], 'ok', [], ['kitchen-oil-heavy']],
            'oil on a waxy bloom, tested' => ['kitchen-oil-by-the-quart', ['kind' => 'echeveria', 'place' => 'indoors'], [], 'ok', [], ['oil-on-bloom']],
        ];
    }
}
