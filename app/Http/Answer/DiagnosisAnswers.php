<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Round;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\MovedBy;
use IdleMixer\Core\Trouble\ProposedLook;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Suspect;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** The signs that can be ticked, and what they point to. */
final readonly class DiagnosisAnswers
{
    public function __construct(private TroubleCatalogue $catalogue, private ClockInterface $clock, private Enemies $enemies) {}

    public function catalogue(): TroublesAnswer
    {
        return new TroublesAnswer(
            array_values(array_map(static fn(Sign $sign): SignAnswer => new SignAnswer($sign->slug, $sign->group, $sign->words, $sign->drawing), $this->catalogue->signs)),
            array_values(array_map(static fn(Trouble $trouble): TroubleAnswer => new TroubleAnswer($trouble->slug, $trouble->name, $trouble->kind->value, $trouble->kind->isPest(), $trouble->matters, $trouble->stages), $this->catalogue->troubles)),
            array_map(fn(string $slug): EnemyAnswer => EnemyAnswer::of($this->enemies->get($slug), null), $this->enemies->slugs()),
        );
    }

    public function of(Diagnosis $diagnosis): DiagnosisAnswer
    {
        return new DiagnosisAnswer(
            $diagnosis->finding()->value,
            ChoiceWords::finding($diagnosis->finding()),
            array_map(self::suspect(...), $diagnosis->suspects()),
            array_map(self::suspect(...), $diagnosis->each()),
            array_map(self::look(...), $diagnosis->looks()),
            $diagnosis->mayBeBurn() ? $this->rounds() : [],
        );
    }

    /** @return list<BurnRoundAnswer> those of the days in which a burn shows, and of as many before, the last one first */
    private function rounds(): array
    {
        $since = $this->clock->now()->modify('-' . Diagnosis::ASK_DAYS . ' days');
        $found = Round::query()->where('sprayed_at', '>=', $since->format('Y-m-d H:i:s'))->with(['batch', 'case.plant'])->orderByDesc('sprayed_at')->get();

        return array_values($found->map(fn(Round $round): BurnRoundAnswer => new BurnRoundAnswer(
            $round->name(),
            RefAnswer::batch($round->batch),
            new RefAnswer($round->case->id, $round->case->submission, Say::it('answers/diagnosis-answers.on', ['name' => $this->catalogue->trouble($round->case->pest)->name, 'name-2' => $round->case->plant->name])),
            Instant::of($round->sprayed_at),
        ))->all());
    }

    private static function suspect(Suspect $suspect): SuspectAnswer
    {
        $words = static fn(Sign $sign): string => $sign->words;

        return new SuspectAnswer(
            array_map(static fn(Trouble $trouble): string => $trouble->slug, $suspect->troubles),
            $suspect->name,
            array_filter($suspect->troubles, static fn(Trouble $trouble): bool => $trouble->kind->isPest()) !== [],
            array_filter($suspect->troubles, static fn(Trouble $trouble): bool => $trouble->bySpray) !== [],
            100.0 * $suspect->chance,
            implode(' ', array_map(static fn(Trouble $trouble): string => $trouble->matters, $suspect->troubles)),
            array_map($words, $suspect->for),
            array_map($words, $suspect->against),
            array_map($words, $suspect->missing),
            array_map(static fn(MovedBy $move): string => Say::it("moved-by/{$move->value}"), $suspect->moved),
        );
    }

    private static function look(ProposedLook $proposed): LookAnswer
    {
        return new LookAnswer($proposed->look->slug, $proposed->look->words, $proposed->look->sign->slug, $proposed->yesNames(), $proposed->noNames(), $proposed->bits);
    }
}
