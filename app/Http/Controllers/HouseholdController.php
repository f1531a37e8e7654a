<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ByEyeAnswer;
use App\Http\Answer\HabitsAnswer;
use App\Http\Answer\HouseholdAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Sent;
use App\Records\Kitchenware;
use IdleMixer\Core\Document\HabitsNode;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\Vocabulary;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whose spoons are meant, and the household's own splash and squirt. */
final readonly class HouseholdController
{
    /** Nobody pours more than this by eye: 1 L. */
    private const MOST_ML = 1000.0;

    public function __construct(private Kitchenware $kitchenware, private Vocabulary $vocabulary) {}

    #[Call('Whose spoons are meant, and the household’s own amounts by eye', answer: HouseholdAnswer::class)]
    public function show(): JsonResponse
    {
        $measured = $this->kitchenware->byEye();
        $vocabulary = $this->vocabulary;
        $chosen = $this->kitchenware->habits();

        return new JsonResponse(new HouseholdAnswer(
            $this->kitchenware->version(),
            $this->kitchenware->kitchen()?->value,
            array_map(static function (string $code) use ($vocabulary, $measured): ByEyeAnswer {
                $range = $vocabulary->byEyeRange($code);

                return new ByEyeAnswer($code, $range['words'], $range['low'], $range['high'], $measured[$code] ?? null);
            }, $vocabulary->byEyeCodes()),
            $chosen === null ? null : HabitsAnswer::of($chosen),
            HabitsAnswer::of(Written::habits()),
        ));
    }

    #[Call('Say whose spoons are meant, and what was measured', answer: HouseholdAnswer::class, body: '#NewHousehold')]
    public function store(Request $request): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), ['kitchen', 'byEye', 'writes']);
        $object = $sent->object;
        $kitchen = $object->get('kitchen');
        $codes = $this->vocabulary->byEyeCodes();
        $given = $object->get('byEye')->object($codes);
        $byEye = [];
        foreach ($codes as $code) {
            $node = $given->optional($code);
            if ($node !== null && ! $node->isNull()) {
                $byEye[$code] = $node->positive(self::MOST_ML);
            }
        }
        $writes = $object->optional('writes');
        // What is not sent stays; null leaves it to each device.
        $habits = match (true) {
            $writes === null => $this->kitchenware->habits(),
            $writes->isNull() => null,
            default => HabitsNode::read($writes),
        };
        $this->kitchenware->keep($sent->basedOn, $this->kitchen($kitchen), $byEye, $habits);
        Written::by($habits ?? Written::habits());

        return $this->show();
    }

    private function kitchen(Node $node): ?Kitchen
    {
        return $node->isNull() ? null : Kitchen::from($node->word(array_column(Kitchen::cases(), 'value'), 'kitchen'));
    }
}
