<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Declared\Kept\Plants;
use App\Http\Answer\CourseAnswer;
use App\Http\Answer\CourseAnswers;
use App\Http\Answer\CourseBriefAnswer;
use App\Http\Answer\CourseMethodAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\CourseInput;
use App\Http\Input\CourseLookInput;
use App\Http\Input\CourseRoundInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Course;
use App\Records\Conflict;
use App\Records\Corrections;
use App\Records\CourseBook;
use App\Records\RecipeShelf;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Courses of many plants: what is sprayed on all of them before anything is there, and the looks over them. */
final readonly class CourseController
{
    public function __construct(private CourseBook $book, private CourseAnswers $answer, private TroubleCatalogue $troubles, private RecipeShelf $shelf, private ClockInterface $clock) {}

    #[Call('Courses of many plants, open ones first, and what may be sprayed as prevention', answer: ['courses' => [CourseBriefAnswer::class], 'methods' => [CourseMethodAnswer::class]])]
    public function index(): JsonResponse
    {
        return new JsonResponse(['courses' => $this->answer->all(), 'methods' => $this->answer->methods()]);
    }

    #[Call('One course: how it stands, what comes next, its plants', answer: CourseAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return $this->say($this->find($id));
    }

    #[Call('Begin a course of many plants; those that are not here yet are added with it', answer: CourseAnswer::class, body: '#NewCourse', makes: true)]
    public function store(Request $request, Plants $plants): JsonResponse
    {
        $input = CourseInput::toBegin(Body::of($request), $this->troubles, $this->shelf, $plants);
        [$course, $new] = $this->book->begin($input->sent->submitted(), [...$input->columns, 'begun_at' => $this->clock->now()], $input->plants, $input->fresh);

        return $this->say($this->find($course->id), Saved::status($new));
    }

    #[Call('Change a course: its plants, its sprays, its days; or end it', answer: CourseAnswer::class, body: '#ChangedCourse')]
    public function update(Request $request, int $id): JsonResponse
    {
        $course = $this->find($id);
        self::refuseSide($course);
        $now = $this->clock->now();
        $input = CourseInput::toChange(Body::of($request), $this->troubles, $this->shelf);
        $ended = $input->ended ?? $course->ended_at !== null;
        Corrections::correct($course, $input->sent->basedOn, [...$input->columns, 'ended_at' => $ended ? $course->ended_at ?? $now : null], $now);
        $this->book->keepOn($course, $input->plants, $now);

        return $this->say($this->find($id));
    }

    #[Call('Keep a look over all plants of a course; where something was found, the plant gets a case of its own', answer: CourseAnswer::class, body: '#NewCourseLook', makes: true)]
    public function look(Request $request, int $id): JsonResponse
    {
        $course = $this->find($id);
        self::refuseSide($course);
        $now = $this->clock->now();
        $input = CourseLookInput::read(Body::of($request), $course, $this->troubles, $now);
        [, $new] = $this->book->look($input->sent->submitted()->under("courses/{$id}"), $course, $input->at, $input->found, $input->all, $now);

        return $this->say($this->find($id), Saved::status($new));
    }

    #[Call('Something bought went on all plants of a course', answer: CourseAnswer::class, body: '#NewCourseRound', makes: true)]
    public function bought(Request $request, int $id): JsonResponse
    {
        $course = $this->find($id);
        $input = CourseRoundInput::read(Body::of($request), $this->clock->now());
        $new = $this->book->bought($input->sent->submitted()->under("courses/{$id}"), $course, $input->bought, $input->at, $input->notes);

        return $this->say($this->find($id), Saved::status($new));
    }

    /** @throws Conflict when it is a side of a trial: its lots are drawn, and its looks are those of the trial */
    private static function refuseSide(Course $course): void
    {
        if ($course->trial !== null) {
            throw new Conflict(Say::it('calls/course-controller.side-of-trial', ['trial' => $course->trial->name]));
        }
    }

    private function find(int $id): Course
    {
        return Course::query()->with(['cases.plant', 'looks'])->find($id) ?? throw RefusedCall::notFound('course', $id);
    }

    private function say(Course $course, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->answer->of($course, $this->clock->now()), $status);
    }
}
