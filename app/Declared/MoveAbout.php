<?php

declare(strict_types=1);

namespace App\Declared;

use App\Declared\Values\Text;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Words\Say;
use Illuminate\Support\Facades\DB;

/** The task that was moved: its kind, and the record it is about, which is a run, a batch, a leaf test, a case, a course, a trial or a watched neighbour. */
final readonly class MoveAbout extends Particular
{
    private const KIND = 'kind';

    private const REF = 'ref';

    public function key(): string
    {
        return 'task';
    }

    public function columns(): array
    {
        return [self::KIND, self::REF];
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        $node = $entry->get($this->key());
        $said = $node->object(['kind', 'about', 'plant']);
        $kind = TaskKind::from($said->get('kind')->word(array_column(TaskKind::cases(), 'value'), Say::it('records/move-about.kind-of-task')));
        $about = Text::uuid()->read($said->get('about'));
        $row = $arrivals->identities->row(self::table($kind), $about);
        if ($kind === TaskKind::LookOver && $row !== null) {
            $plant = $arrivals->identities->row('plants', Text::uuid()->read($said->get('plant')));
            $row = DB::table('watches')->where('case_id', $row)->where('plant_id', $plant)->value('id');
        }

        return [self::KIND => $kind->value, self::REF => is_int($row) ? $row : throw $node->fault(Say::it('records/move-about.what-this-task-about-neither'))];
    }

    public function told(array $row, Identities $identities): string
    {
        $kind = TaskKind::tryFrom((string) ($row[self::KIND] ?? ''));
        $ref = $row[self::REF] ?? null;
        if ($kind === null || ! is_int($ref)) {
            return 'null';
        }
        $plant = '';
        if ($kind === TaskKind::LookOver) {
            $watch = DB::table('watches')->find($ref);
            $ref = $watch instanceof \stdClass && is_int($watch->case_id) ? $watch->case_id : 0;
            $plant = ',"plant":' . Raw::json($watch instanceof \stdClass && is_int($watch->plant_id) ? $identities->of('plants', $watch->plant_id) : null);
        }

        $about = $identities->of(self::table($kind), $ref);

        return $about === null ? 'null' : '{"kind":' . Raw::json($kind->value) . ',"about":' . Raw::json($about) . $plant . '}';
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'required' => ['kind', 'about'], 'properties' => ['kind' => ['enum' => array_column(TaskKind::cases(), 'value')], 'about' => Text::uuid()->schema(), 'plant' => Text::uuid()->schema()]];
    }

    private static function table(TaskKind $kind): string
    {
        return match ($kind) {
            TaskKind::FinishRun => 'runs',
            TaskKind::FinishMixing, TaskKind::Discard => 'batches',
            TaskKind::ReadLeafTest => 'leaf_tests',
            TaskKind::LookAtBurn => 'plants',
            TaskKind::TrialCount, TaskKind::TrialSpray, TaskKind::TrialEnd => 'trials',
            TaskKind::CourseLook, TaskKind::CourseRound, TaskKind::CourseClear => 'courses',
            TaskKind::CountAfter, TaskKind::NextRound, TaskKind::FirstRound, TaskKind::LookOver => 'cases',
        };
    }
}
