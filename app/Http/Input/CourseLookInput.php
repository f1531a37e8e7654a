<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Course;
use App\Models\CourseLook;
use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** A look over all plants of a course: where something was found, what, and how many. */
final readonly class CourseLookInput
{
    /** @param list<array{case: PestCase, pest: string, count: float|null}> $found */
    private function __construct(public Sent $sent, public DateTimeImmutable $at, public array $found, public bool $all) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Course $course, TroubleCatalogue $troubles, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['lookedAt', 'found', 'all'], correcting: false);
        // What arrives once more was on it when it came first.
        $came = CourseLook::query()->withoutGlobalScopes()->where('submission', $sent->submitted()->key)->exists();
        $found = [];
        foreach ($sent->object->get('found')->items(0, InputLines::MOST_TOGETHER['value'], Say::it('input/course-look-input.finds')) as $one) {
            $row = $one->object(['plantId', 'pest', 'count']);
            $plant = $row->get('plantId')->whole(1, \PHP_INT_MAX);
            $case = $course->cases->first(static fn(PestCase $case): bool => $case->plant_id === $plant && ($came || $case->closed_at === null)) ?? throw $row->get('plantId')->fault(Say::it('input/course-look-input.not-on-it'));
            if (isset($found[$case->id])) {
                throw $row->get('plantId')->fault(Say::it('input/course-input.plant-twice'));
            }
            $found[$case->id] = ['case' => $case, 'pest' => $row->get('pest')->word($troubles->pestSlugs(), 'pest'), 'count' => $row->filled('count')?->countUpTo(InputLines::MOST_COUNTED['value'])];
        }

        return new self($sent, Moment::past($sent->object->optional('lookedAt'), $now), array_values($found), $sent->object->filled('all')?->flag() ?? true);
    }
}
