<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Day;
use App\Declared\Values\Days;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Slugs;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** One trouble on one plant, from first sight to closed. */
final class Cases extends Record
{
    public function __construct(ClockInterface $clock, private readonly TroubleCatalogue $troubles)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'cases';
    }

    public function list(): string
    {
        return 'cases';
    }

    public function parts(): array
    {
        return [
            'steps' => new Part(CaseSteps::class, 'case_id', ['done_at', 'step'], InputLines::MOST_ROWS['value']),
            'watches' => new Part(Watches::class, 'case_id', ['id'], InputLines::MOST_ROWS['value']),
            'rounds' => new Part(Rounds::class, 'case_id', ['sprayed_at', 'submission'], InputLines::MOST_ROWS['value'], required: true, joins: true),
            'counts' => new Part(Counts::class, 'case_id', ['counted_at', 'submission'], EvidenceLines::MOST_LOOKS['value'], required: true, joins: true),
            'waits' => new Part(Waits::class, 'case_id', ['begun_at', 'submission'], InputLines::MOST_ROWS['value'], joins: true),
        ];
    }

    /** @throws InvalidDocument when it is no situation */
    private static function situation(Node $node): void
    {
        $node->raw();
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Link::to('plants', 'plant_id', 'plant', 'plant'),
            // A plant on a course that fears nothing by name has none.
            Plain::needed('pest', new Word(['', ...$this->troubles->pestSlugs()], 'pest', open: true)),
            Link::maybe('courses', 'course_id', 'course', 'course'),
            // What its label says, where it is a plant of a trial.
            Plain::maybe('lot', new Whole(1, InputLines::MOST_SPOTS['value'])),
            Plain::needed('opened_at', Moment::past($this->clock)),
            Plain::maybe('closed_at', Moment::past($this->clock)),
            Plain::usually('conclusion', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::usually('spots', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::maybe('situation', new Json(self::situation(...), ['type' => 'object'])),
            Plain::maybe('every_days', new Whole(1, ScheduleLines::LONGEST_PACE['value'])),
            Plain::maybe('round_dates', new Days()),
            Plain::maybe('dates_chosen_at', Moment::past($this->clock)),
            Plain::maybe('turns', new Json(static function (Node $node): void {
                Slugs::read($node);
            }, Slugs::schema())),
            Plain::maybe('turns_chosen_at', Moment::past($this->clock)),
            Plain::maybe('bud_break_on', new Day()),
            Plain::maybe('due_at', Moment::any())->withoutLog(Say::it('records/cases.reckoned-from-rounds-counts-and')),
            Plain::maybe('pressure', Word::of(Pressure::class, Say::it('records/cases.pressure')))->withoutLog(Say::it('records/cases.reckoned-from-rounds-counts-and')),
            Plain::maybe('round_days', new Whole(1, InputLines::LONGEST_DAYS['value']))->withoutLog(Say::it('records/cases.reckoned-from-rounds-counts-and')),
        ];
    }
}
