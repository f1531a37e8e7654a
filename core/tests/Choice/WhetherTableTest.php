<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\Answer;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Tests\Support\Troubled;

/*
 * Whether a home gardener should spray at all, by what was counted in the measure of the trouble, by who eats it, and by the plant: common
 * practice, no source. Written down by hand before there was a rule. `days` until somebody should look again, where nothing is sprayed.
 */

it('says whether to spray at all', function (string $trouble, ?float $count, array $case, Answer $answer, ?int $days = null): void {
    /** @var array{leaf?: string, season?: string, plant?: array<string, bool>, site?: Site, celsius?: float, crowded?: bool, seen?: array<string, int|null>, stage?: string} $case */
    $whether = Adviser::shipped()->advise(Troubled::by($trouble, $count === null ? $case : [...$case, 'count' => $count]))->whether;
    expect($whether->answer)->toBe($answer)->and($whether->lookInDays)->toBe($days);
})->with([
    // Aphids on ten tips.
    'a few aphids on a rose' => ['aphids', 8.0, [], Answer::NotYet, 3],
    'aphids easily found' => ['aphids', 45.0, [], Answer::Spray],
    'aphids, ladybirds among them' => ['aphids', 45.0, ['seen' => ['ladybirds' => null]], Answer::NotYet, 3],
    'aphids, lacewings among them' => ['aphids', 45.0, ['seen' => ['lacewings' => null]], Answer::NotYet, 3],
    'aphids, hoverfly grubs among them' => ['aphids', 45.0, ['seen' => ['hoverfly-grubs' => null]], Answer::NotYet, 3],
    'aphids, some of them swollen and brown' => ['aphids', 45.0, ['seen' => ['mummies' => null]], Answer::NotYet, 3],
    'many aphids, ladybirds among them' => ['aphids', 150.0, ['seen' => ['ladybirds' => null]], Answer::NotYet, 2],
    'many aphids, six ladybirds and grubs' => ['aphids', 150.0, ['seen' => ['ladybirds' => 6]], Answer::NotYet, 2],
    'many aphids, two ladybirds' => ['aphids', 250.0, ['seen' => ['ladybirds' => 2]], Answer::Spray],
    'many aphids, one in fifty swollen' => ['aphids', 150.0, ['seen' => ['mummies' => 3]], Answer::Spray],
    'many aphids, one in seven swollen' => ['aphids', 150.0, ['seen' => ['mummies' => 22]], Answer::NotYet, 2],
    'aphids, only spiders' => ['aphids', 45.0, ['seen' => ['spiders' => null]], Answer::Spray],
    'aphids, predatory mites, which do not eat them' => ['aphids', 45.0, ['seen' => ['predatory-mites' => null]], Answer::Spray],
    'aphids on what is picked in two days' => ['aphids', 45.0, ['plant' => ['eatenSoon' => true]], Answer::NotYet, 3],
    'aphids on what is dry at the root' => ['aphids', 45.0, ['plant' => ['dryAtRoot' => true]], Answer::WaterFirst, 1],
    'a few aphids on what is dry at the root' => ['aphids', 8.0, ['plant' => ['dryAtRoot' => true]], Answer::WaterFirst, 1],
    'nobody counted the aphids' => ['aphids', null, [], Answer::Spray],
    // Specks on five papers.
    'a few mites in a cool spring' => ['spider-mites', 6.0, ['celsius' => 16.0], Answer::NotYet, 5],
    'a few mites in the heat' => ['spider-mites', 6.0, ['celsius' => 29.0], Answer::Spray],
    'mites easily found' => ['spider-mites', 30.0, ['celsius' => 20.0], Answer::Spray],
    'mites with predatory mites' => ['spider-mites', 30.0, ['celsius' => 21.0, 'seen' => ['predatory-mites' => null]], Answer::NotYet, 3],
    'mites with one predator for five' => ['spider-mites', 30.0, ['celsius' => 21.0, 'seen' => ['predatory-mites' => 6]], Answer::NotYet, 3],
    'mites with one predator for thirty' => ['spider-mites', 30.0, ['celsius' => 21.0, 'seen' => ['predatory-mites' => 1]], Answer::Spray],
    'mites with predators in the heat' => ['spider-mites', 80.0, ['celsius' => 31.0, 'seen' => ['predatory-mites' => null]], Answer::Spray],
    'mites on beans picked tomorrow, in the heat' => ['spider-mites', 30.0, ['celsius' => 30.0, 'plant' => ['eatenSoon' => true]], Answer::Spray],
    'a few flat mites on an orchid' => ['flat-mites', 5.0, ['leaf' => 'tough-leaf', 'site' => Site::Indoors], Answer::NotYet, 7],
    // Mealybugs in ten joints.
    'two mealybugs on a plant that stands alone' => ['mealybugs', 2.0, ['site' => Site::Indoors], Answer::NotYet, 3],
    'two mealybugs on a rack' => ['mealybugs', 2.0, ['site' => Site::Indoors, 'crowded' => true], Answer::Spray],
    'twelve mealybugs' => ['mealybugs', 12.0, ['site' => Site::Indoors], Answer::Spray],
    'twelve mealybugs on a rack, lacewings among them' => ['mealybugs', 12.0, ['site' => Site::Indoors, 'crowded' => true, 'seen' => ['lacewings' => null]], Answer::Spray],
    // Nymphs under ten leaves; thrips on five papers; crawlers on five stems.
    'a few whitefly' => ['whitefly', 4.0, [], Answer::NotYet, 5],
    'whitefly easily found' => ['whitefly', 20.0, [], Answer::Spray],
    'two thrips outdoors' => ['thrips', 2.0, [], Answer::NotYet, 5],
    'two thrips among house plants' => ['thrips', 2.0, ['site' => Site::Indoors, 'crowded' => true], Answer::Spray],
    'ten thrips' => ['thrips', 10.0, [], Answer::Spray],
    'a few crawlers of scale' => ['scale', 5.0, ['stage' => 'crawlers'], Answer::NotYet, 7],
    'many crawlers of scale' => ['scale', 30.0, ['stage' => 'crawlers'], Answer::Spray],
    // Grubs and beetles on five plants.
    'four beetles on five plants' => ['leaf-beetles', 4.0, ['stage' => 'larvae'], Answer::NotYet, 2],
    'twenty grubs on five plants' => ['leaf-beetles', 20.0, ['stage' => 'larvae'], Answer::Spray],
    // What is sprayed against fungus keeps clean leaves clean: it begins with the first spots.
    'the first film of mildew' => ['powdery-mildew', 20.0, [], Answer::Spray],
    'the first spots on a rose' => ['black-spot', 4.0, [], Answer::Spray],
    'the first rings on tomatoes' => ['early-blight', 4.0, [], Answer::Spray],
    'the first pustules' => ['rust', 5.0, [], Answer::Spray],
    // Two clusters on five twigs go with the pruning.
    'a few eggs on bare wood' => ['overwintering-eggs', 2.0, ['leaf' => 'dormant-wood', 'season' => 'dormant'], Answer::NotYet, 30],
    'many eggs on bare wood' => ['overwintering-eggs', 20.0, ['leaf' => 'dormant-wood', 'season' => 'dormant'], Answer::Spray],
    'two grubs in five spades' => ['grubs', 2.0, ['leaf' => 'empty-bed'], Answer::NotYet, 7],
    // No spray does it, however many there are, whoever eats them.
    'slugs' => ['slugs', 20.0, [], Answer::NoSpray, 3],
    'caterpillars' => ['caterpillars', 20.0, [], Answer::NoSpray, 3],
    'fungus gnats' => ['fungus-gnats', 50.0, ['site' => Site::Indoors], Answer::NoSpray, 3],
    'a virus' => ['virus', null, [], Answer::NoSpray, 3],
    'drought' => ['drought', null, [], Answer::NoSpray, 3],
]);
