<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\Cause;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\Here;
use IdleMixer\Core\Trouble\MovedBy;
use IdleMixer\Core\Trouble\ProposedLook;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Suspect;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Trouble\YearTime;
use IdleMixer\Core\Words\Say;

/**
 * From signs to suspects, as open documents: `{"signs": ["webs"], "absent": [], "sprayedDaysAgo": null, "here": null}`; `here` is what
 * is known of plant and place, `{"kind": "lemon", "indoors": true, "season": "winter", "had": {"scale": 1}}`, each of it where it is known.
 *
 * @phpstan-type SuspectRow array{troubles: list<string>, name: string, percent: float, for: list<string>, against: list<string>, missing: list<string>, moved: list<string>, matters: string}
 * @phpstan-type LookRow array{look: string, sign: string, words: string, separates: list<string>, because: string}
 */
final readonly class Diagnose
{
    public function __construct(private TroubleCatalogue $catalogue, private KindCatalogue $kinds) {}

    public static function shipped(): self
    {
        return new self(TroubleCatalogue::shipped(), KindCatalogue::shipped());
    }

    /**
     * @return array{suspects: list<SuspectRow>, each: list<array{trouble: string, percent: float, for: list<string>}>, open: bool, none: bool, finding: string, looks: list<LookRow>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $object = $node->object(['signs', 'absent', 'sprayedDaysAgo', 'here']);
        $seen = [];
        foreach (['absent' => false, 'signs' => true] as $key => $there) {
            foreach ($object->optional($key)?->items(0, count($this->catalogue->signs), 'signs') ?? [] as $item) {
                $slug = $item->word(array_keys($this->catalogue->signs), 'sign');
                if ($there && isset($seen[$slug])) {
                    throw $item->fault(Say::it('ask/diagnose.cannot-be-seen-and-be'));
                }
                $seen[$slug] = $there;
            }
        }
        $diagnosis = new Diagnosis($this->catalogue, $this->catalogue->sprayed($seen, $object->filled('sprayedDaysAgo')?->countUpTo(InputLines::LONGEST_DAYS['value'])), $this->here($object->filled('here')));

        return [
            'suspects' => array_map(self::suspect(...), $diagnosis->suspects()),
            'each' => array_map(static fn(Suspect $one): array => ['trouble' => $one->troubles[0]->slug, 'percent' => 100.0 * $one->chance, 'for' => self::slugs($one->for)], $diagnosis->each()),
            'open' => $diagnosis->finding() === Finding::CannotTell,
            'none' => $diagnosis->finding() === Finding::NoneFits,
            'finding' => $diagnosis->finding()->value,
            'looks' => array_map(self::look(...), $diagnosis->looks()),
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    private function here(?Node $node): ?Here
    {
        if ($node === null) {
            return null;
        }
        $object = $node->object(['kind', 'indoors', 'season', 'had']);
        $told = $object->filled('had')?->object(array_keys($this->catalogue->troubles));
        $had = [];
        foreach ($told?->keys() ?? [] as $slug) {
            $had[$slug] = $told?->get($slug)->whole(0, InputLines::MOST_ROWS['value']) ?? 0;
        }
        $kind = $object->filled('kind');
        $season = $object->filled('season')?->word(array_column(YearTime::cases(), 'value'), 'season');

        return new Here($kind === null ? null : $this->kinds->read($kind->line(RecipeReader::MAX_NAME))?->slug, $object->filled('indoors')?->flag(), $season === null ? null : YearTime::from($season), $had);
    }

    /** @return SuspectRow */
    private static function suspect(Suspect $suspect): array
    {
        return [
            'troubles' => array_map(static fn(Trouble $trouble): string => $trouble->slug, $suspect->troubles),
            'name' => $suspect->name,
            'percent' => 100.0 * $suspect->chance,
            'for' => self::slugs($suspect->for),
            'against' => self::slugs($suspect->against),
            'missing' => self::slugs($suspect->missing),
            'moved' => array_map(static fn(MovedBy $move): string => $move->value, $suspect->moved),
            'matters' => implode(' ', array_map(static fn(Trouble $trouble): string => $trouble->matters, $suspect->troubles)),
        ];
    }

    /**
     * @param list<Sign> $signs
     *
     * @return list<string>
     */
    private static function slugs(array $signs): array
    {
        return array_map(static fn(Sign $sign): string => $sign->slug, $signs);
    }

    /** @return LookRow */
    private static function look(ProposedLook $proposed): array
    {
        $yes = implode(', ', $proposed->yesNames());
        $no = implode(', ', $proposed->noNames());

        return [
            'look' => $proposed->look->slug,
            'sign' => $proposed->look->sign->slug,
            'words' => $proposed->look->words,
            'separates' => array_map(static fn(Cause $cause): string => $cause->key(), [...$proposed->yes, ...$proposed->no]),
            'because' => $yes === '' || $no === '' ? Say::it('ask/diagnose.nothing-fits-yet-this-look') : Say::it('ask/diagnose.yes-speaks-for-no-speaks', ['yes' => $yes, 'no' => $no]),
        ];
    }
}
