<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Correctable;
use App\Models\Revision;
use DateTimeImmutable;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Collection;

/** Corrects records, takes them back and puts them back; what they were before stays. Call it inside a transaction. */
final class Corrections
{
    /**
     * @param int                  $basedOn the version that was on the screen
     * @param array<string, mixed> $columns as they are to be from now on
     *
     * @throws TwoVersions when it was changed since that version
     */
    public static function correct(Correctable $record, int $basedOn, array $columns, DateTimeImmutable $at, string $what = 'corrected'): void
    {
        $changed = Edits::fill($record, $basedOn, $columns);
        if ($changed !== []) {
            self::remember($record, $what, $changed, $at);
            $record->save();
        }
    }

    /** @throws Conflict when something hangs on it, or it was changed since */
    public static function takeBack(Correctable $record, int $basedOn, bool $takenBack, DateTimeImmutable $at): void
    {
        if ($takenBack === ($record->getAttribute('taken_back_at') !== null)) {
            return;
        }
        if ($takenBack) {
            HangingOn::refuse($record);
        }
        self::correct($record, $basedOn, ['taken_back_at' => $takenBack ? $at : null], $at, $takenBack ? 'taken-back' : 'put-back');
        foreach (KeptTogether::with($record) as $other) {
            if ($takenBack !== ($other->taken_back_at !== null)) {
                self::correct($other, $other->version, ['taken_back_at' => $takenBack ? $at : null], $at, $takenBack ? 'taken-back' : 'put-back');
            }
        }
    }

    /**
     * Puts the record back to what it was before its last change.
     *
     * @throws Conflict when it was never changed, or was changed since
     */
    public static function undo(Correctable $record, int $basedOn, DateTimeImmutable $at): void
    {
        if (Edits::version($record) !== $basedOn) {
            throw TwoVersions::changedMeanwhile($record, []);
        }
        $last = self::of($record)->last() ?? throw new Conflict(Say::it('records/corrections.this-was-never-changed-there'));
        $before = self::before($last);
        if (($before['taken_back_at'] ?? null) !== null) {
            HangingOn::refuse($record);
        }
        self::remember($record, 'put-back', array_intersect_key($record->getRawOriginal(), $before), $at);
        $record->setRawAttributes([...$record->getAttributes(), ...$before, 'version' => $basedOn + 1]);
        $record->save();
    }

    /** @return Collection<int, Revision> earliest first */
    public static function of(Correctable $record): Collection
    {
        return Revision::query()->where('record', $record->getTable())->where('record_id', $record->getKey())->orderBy('id')->get();
    }

    /** How often it was changed. */
    public static function count(Correctable $record): int
    {
        return self::of($record)->count();
    }

    /**
     * How often each of many records of one kind was changed, in one question.
     *
     * @param class-string<Correctable> $kind
     * @param list<int>                 $ids
     *
     * @return array<int, int> by id; what was never changed is not in it
     */
    public static function counts(string $kind, array $ids): array
    {
        $all = [];
        foreach (Revision::query()->where('record', (new $kind())->getTable())->whereIn('record_id', $ids)->get(['record_id']) as $revision) {
            $all[$revision->record_id] = ($all[$revision->record_id] ?? 0) + 1;
        }

        return $all;
    }

    /** @return array<string, mixed> the columns as they were before a change */
    public static function before(Revision $revision): array
    {
        /** @var array<string, mixed> */
        return (array) json_decode($revision->before, flags: \JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $before */
    private static function remember(Correctable $record, string $what, array $before, DateTimeImmutable $at): void
    {
        Revision::query()->create([
            'record' => $record->getTable(),
            'record_id' => $record->getKey(),
            'what' => $what,
            'before' => json_encode((object) $before, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
            'at' => $at,
        ]);
    }
}
