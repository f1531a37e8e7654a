<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Slugs;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\Side;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** What is done to many plants together before anything is there: which are on it say the cases that belong to it. */
final class Courses extends Record
{
    public function __construct(ClockInterface $clock, private readonly TroubleCatalogue $troubles)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'courses';
    }

    public function list(): string
    {
        return 'courses';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function parts(): array
    {
        return [
            'looks' => new Part(CourseLooks::class, 'course_id', ['looked_at', 'submission'], InputLines::MOST_ROWS['value'], joins: true),
        ];
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::usually('pest', new Word(['', ...$this->troubles->pestSlugs()], 'pest', open: true), ''),
            Plain::needed('methods', new Json(static function (Node $node): void {
                Slugs::read($node);
            }, Slugs::schema())),
            Link::maybe('trials', 'trial_id', 'trial', 'trial'),
            Plain::usually('side', new Word(['', ...array_column(Side::cases(), 'value')], Say::it('records/courses.side')), ''),
            Plain::maybe('every_days', new Whole(1, ScheduleLines::LONGEST_PACE['value'])),
            Plain::needed('begun_at', Moment::past($this->clock)),
            Plain::maybe('ended_at', Moment::past($this->clock)),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
        ];
    }
}
