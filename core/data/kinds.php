<?php

declare(strict_types=1);

/*
 * What the kind of a plant tells of it: its leaf, whether it bears no oil, whether kitchen oil is too heavy for it, whether soap marks it, and whether it stands bare for a time.
 * What it is called, and read by, stands in `words/en/kinds.php`. Handbooks and labels, from memory; what nobody lists is not proposed.
 */
$rows = [];
$say = static function (string $what, bool|string $value, string $slugs) use (&$rows): void {
    foreach (explode(' ', $slugs) as $slug) {
        $rows[$slug] = ['leaf' => null, 'bears_no_oil' => false, 'soap_sensitive' => false, 'stands_bare' => false, 'kitchen_oil_heavy' => false, 'source' => 'plant-kinds', ...$rows[$slug] ?? [], $what => $value];
    }
};

$say('leaf', 'tough-leaf', 'lemon orange lime grapefruit citrus camellia holly rubber-fig moth-orchid bay rhododendron hoya schefflera oleander ivy cherry-laurel boxwood monstera peace-lily snake-plant aspidistra olive gardenia azalea magnolia cordyline dracaena clivia philodendron');
$say('leaf', 'tender-leaf', 'lettuce basil spinach impatiens calathea fuchsia maranta coriander parsley chard rocket pea fern maidenhair-fern boston-fern staghorn-fern asparagus-fern tree-fern begonia dill');
$say('leaf', 'hairy-leaf', 'african-violet gloxinia petunia zonal-pelargonium lambs-ear borage rex-begonia coleus cucumber squash courgette pumpkin melon cape-primrose sage heliotrope kalanchoe-panda tobacco-plant');
$say('leaf', 'waxy-bloom-leaf', 'echeveria cabbage kale broccoli cauliflower brussels-sprout kohlrabi blue-hosta carnation eucalyptus sedum graptopetalum blue-agave pachyphytum dudleya leek onion');
$say('leaf', 'ordinary-leaf', 'rose tomato pepper bean apple pear vine dahlia hibiscus potato strawberry currant lilac gooseberry blackberry raspberry blueberry quince fig plum cherry peach apricot almond hawthorn horse-chestnut red-maple japanese-maple walnut hickory pecan smoke-bush sweet-pea nasturtium poinsettia crown-of-thorns lantana hydrangea chrysanthemum aubergine mint rosemary thyme oregano sunflower zinnia marigold pansy viola snapdragon lavender hollyhock lupin peony phlox aster delphinium clematis wisteria honeysuckle jasmine forsythia privet hornbeam beech birch linden oak willow elder hazel mulberry pomegranate kiwi beetroot radish carrot sweetcorn celery artichoke rhubarb bougainvillea passion-flower pothos spider-plant umbrella-palm jade-plant aloe dragon-tree');
// Needles: what is not blue bears oil as an ordinary leaf does.
$say('leaf', 'ordinary-leaf', 'blue-spruce juniper blue-atlas-cedar blue-cypress cryptomeria yew pine');

$say('bears_no_oil', true, 'red-maple japanese-maple walnut hickory pecan smoke-bush blue-spruce juniper blue-atlas-cedar blue-cypress cryptomeria fern maidenhair-fern boston-fern staghorn-fern tree-fern');
$say('soap_sensitive', true, 'sweet-pea nasturtium cherry plum hawthorn horse-chestnut japanese-maple maidenhair-fern crown-of-thorns poinsettia fuchsia begonia rex-begonia impatiens lantana azalea gardenia');
// Kitchen oil stays on thick leaves that breathe by night and clogs them; mineral oil and neem run off and dry. Common practice of orchid growers.
$say('kitchen_oil_heavy', true, 'moth-orchid');
$say('stands_bare', true, 'apple pear vine currant lilac gooseberry blackberry raspberry blueberry quince fig plum cherry peach apricot almond hawthorn horse-chestnut red-maple japanese-maple walnut hickory pecan smoke-bush rose hydrangea clematis wisteria forsythia hornbeam beech birch linden oak willow elder hazel mulberry pomegranate kiwi peony');

return $rows;
