<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Bench\WaterReader;
use IdleMixer\Core\Choice\Advice;
use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\ContainmentStep;
use IdleMixer\Core\Choice\Help;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Gate\HadRound;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Words\Say;

/**
 * The choice of a spray as open documents: `{"trouble": "aphids", "stage": null, "plant": "ordinary-leaf", "season": "growing",
 * "severity": "heavy", "indoors": false, "flags": [], "water": {…}, "cupboard": null}`, and beside that `count` in the measure of the trouble,
 * `seen` natural enemies (`{"ladybirds": 3}`, null where nobody counted them), `temperature_C` and whether it is `crowded` by other plants.
 *
 * @phpstan-type ProposedRow array{recipe: string, factor: float, highEnd: bool, reasons: list<string>, against: list<string>}
 * @phpstan-type ExcludedRow array{recipe: string, reasons: list<string>}
 * @phpstan-type OtherRow array{recipe: string, factor: float, highEnd: bool, reasons: list<string>, against: list<string>, because: string}
 * @phpstan-type AdviceRow array{whether: array{answer: string, because: string, lookInDays: int|null}, proposed: list<ProposedRow>, others: list<OtherRow>, missing: array{recipe: string, ingredients: list<string>}|null, excluded: list<ExcludedRow>, beside: list<array{code: string, text: string}>, advice: list<string>}
 */
final readonly class Choose
{
    private const STAGES = ['any', 'adults', 'crawlers', 'active', 'eggs', 'nymphs', 'larvae', 'winter'];

    private const FLAGS = ['cats', 'in-flower', 'dry-root', 'seedling', 'wounded', 'eaten-soon', 'oil-lately', 'sulfur-lately', 'copper-lately', 'soap-sensitive', 'bears-no-oil'];

    /** Stands for all stages. */
    private const ANY = 'any';

    private const WINTER = 'winter';

    public function __construct(
        private Adviser $adviser,
        private ChoiceWords $words,
        private Enemies $enemies,
        private SeverityScale $scale,
        private TroubleCatalogue $troubles,
        private ToleranceCatalogue $kinds,
        private IngredientCatalogue $ingredients,
    ) {}

    public static function shipped(): self
    {
        return new self(Adviser::shipped(), ChoiceWords::shipped(), Enemies::shipped(), SeverityScale::shipped(), TroubleCatalogue::shipped(), ToleranceCatalogue::shipped(), IngredientCatalogue::shipped());
    }

    /**
     * @return AdviceRow
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $situation = $this->situation($node);
        $advice = $this->adviser->advise($situation);

        return [
            'whether' => ['answer' => $advice->whether->answer->value, 'because' => $this->words->whether($advice, $situation), 'lookInDays' => $advice->whether->lookInDays],
            'proposed' => array_map(fn(Option $option): array => $this->fits($option), $advice->sprays),
            'others' => array_map(fn(Option $option): array => [...$this->fits($option), 'because' => $this->words->passedOver($option, $advice)], $advice->others),
            'missing' => $advice->missing === null ? null : ['recipe' => $advice->missing->recipe->slug, 'ingredients' => $advice->missing->stocked->missing ?? []],
            'excluded' => array_map(fn(Option $option): array => [
                'recipe' => $option->recipe->slug,
                'reasons' => array_map(fn(Reason $reason): string => $this->words->exclusion($reason, $option, $situation), $option->excluded),
            ], $advice->excluded),
            'beside' => array_map(static fn(Help $help): array => ['code' => $help->slug, 'text' => $help->words], $advice->beside),
            'advice' => self::advice($advice, $situation, $this->words),
        ];
    }

    /** @return ProposedRow */
    private function fits(Option $option): array
    {
        return [
            'recipe' => $option->recipe->slug,
            'factor' => $option->dose->factor ?? 1.0,
            'highEnd' => $option->dose->highEnd ?? false,
            'reasons' => array_map(fn(Reason $reason): string => $this->words->reason($reason, $option), $option->for),
            'against' => array_map(fn(Reason $reason): string => $this->words->reason($reason, $option), $option->against),
        ];
    }

    /** @return list<string> what matters of it, what to do by hand, and what to get */
    private static function advice(Advice $advice, Situation $situation, ChoiceWords $words): array
    {
        return [
            $advice->sprays === [] ? $words->noSpray($advice, $situation) : $situation->trouble->matters,
            ...array_map(static fn(ContainmentStep $step): string => $step->words, $advice->steps),
            ...array_map(static fn(Help $help): string => $help->words, $advice->beside),
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    private function situation(Node $node): Situation
    {
        $object = $node->object(['trouble', 'stage', 'plant', 'season', 'severity', 'indoors', 'flags', 'water', 'cupboard', 'count', 'seen', 'temperature_C', 'crowded']);
        $trouble = $this->troubles->trouble($object->get('trouble')->word(array_keys($this->troubles->troubles), 'trouble'));
        $plant = $object->filled('plant');
        $kind = $this->kinds->get($plant === null ? $this->kinds->slugs()[0] : $plant->word($this->kinds->known(), Say::it('ask/choose.plant-tolerance-class')));
        $season = $object->filled('season');
        $severity = $object->filled('severity');
        $flags = array_map(static fn(Node $flag): string => $flag->word(self::FLAGS, 'flag'), $object->filled('flags')?->items(0, count(self::FLAGS), 'flags') ?? []);
        $count = $object->filled('count')?->countUpTo(LookReader::MOST);
        $has = static fn(string $flag): bool => in_array($flag, $flags, true);

        return new Situation(
            $trouble,
            self::stage($object->filled('stage'), $trouble, $kind),
            $severity === null ? $this->scale->of($trouble->slug, $count) : Severity::from($severity->word(array_column(Severity::cases(), 'value'), 'severity')),
            $kind->name,
            self::whom($kind, $has, $object->filled('indoors')?->flag() ?? false, $season === null ? Season::Growing : Season::from($season->word(array_column(Season::cases(), 'value'), 'season'))),
            $has('cats'),
            (new WaterReader())->read($object->filled('water'))->hardness,
            $object->filled('cupboard') === null ? null : Cupboard::holding(array_map(fn(Node $item): string => $item->word($this->ingredients->slugs(), 'ingredient'), $object->get('cupboard')->items(0, count($this->ingredients->slugs()), 'ingredients')), $this->ingredients),
            celsius: AirReader::celsius($object->filled('temperature_C')),
            crowded: $object->filled('crowded')?->flag() ?? false,
            count: $count,
            seen: EnemiesReader::read($object->filled('seen'), $this->enemies),
        );
    }

    /** @param callable(string): bool $has whether a flag was said */
    private static function whom(ToleranceClass $kind, callable $has, bool $indoors, Season $season): Whom
    {
        $stage = match (true) {
            $has('in-flower') => Stage::InBloom,
            $has('seedling') => Stage::Seedling,
            // Wood in the growing season has buds that break.
            $kind->isBare() => $season === Season::Dormant ? Stage::Bare : Stage::Budding,
            default => null,
        };
        $lately = (float) GateLines::LATELY['value'];

        return new Whom(
            new PlantNow($kind, null, $indoors ? Site::Indoors : Site::Outdoors, $stage, $has('dry-root'), $has('wounded'), false, $has('eaten-soon'), $has('soap-sensitive'), $has('bears-no-oil'), $has('eaten-soon') ? (float) GateLines::EATEN_SOON['value'] : null),
            new PlantHad($has('oil-lately') ? [HadRound::ofOil($lately)] : [], $has('sulfur-lately') ? $lately : null, $has('copper-lately') ? $lately : null),
        );
    }

    /** On bare wood a trouble that winters there is met in winter; a stage that is not told apart is any of them. */
    private static function stage(?Node $node, Trouble $trouble, ToleranceClass $kind): string
    {
        $said = $node?->word(self::STAGES, 'stage');
        $stages = $trouble->stages;
        if ($said !== null && in_array($said, $stages, true)) {
            return $said;
        }
        if ($node !== null && $said !== self::ANY && $stages !== [self::ANY]) {
            throw $node->fault(Say::it('ask/choose.no-stage-of-its-stages', ['name' => $trouble->name, 'stages' => implode(', ', $stages)]));
        }

        return $kind->isBare() && in_array(self::WINTER, $stages, true) ? self::WINTER : $stages[0];
    }
}
