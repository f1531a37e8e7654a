<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A spray and a plant in the notebook, asked about at every door: what each says, worst level and codes. */
final readonly class Doors
{
    private const WHY = 'It was asked at every door.';

    private function __construct(public int $plant, public int $case, private int $batch, /** @var array<string, mixed> */ private array $request) {}

    /**
     * @param array<string, mixed> $plant   as it is entered, beside its name
     * @param array<string, mixed> $request of the bench
     * @param bool                 $tick    whether every spoonful is ticked
     * @param int|null             $sprayer that it is mixed in
     * @param string               $keeping the school by which it keeps
     */
    public static function before(array $plant, array $request, ?int $known = null, bool $tick = true, ?int $sprayer = null, string $keeping = 'strict'): self
    {
        $id = $known ?? self::plant($plant);
        $case = Notebook::case($id);
        $batch = Notebook::batch($request, $case, of: $sprayer);
        if ($tick) {
            Notebook::tickAll($batch);
        }
        Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even', 'keeping' => $keeping]);

        return new self($id, $case, $batch->id(), ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[qt_us]'], ...$request]);
    }

    /** @param array<string, mixed> $plant */
    public static function plant(array $plant): int
    {
        return Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Asked', 'tolerance' => 'ordinary-leaf', ...$plant])->id();
    }

    /** @return array<string, string> level and sorted codes, by door */
    public function all(): array
    {
        $rest = Notebook::get("/api/batches/{$this->batch}/rest");
        $row = (int) array_search($this->plant, array_map(static fn(mixed $one): int => is_array($one) && is_int($one['id'] ?? null) ? $one['id'] : 0, $rest->list('plants')), true);
        $codes = array_values(array_filter($rest->list("plants.{$row}.codes"), is_string(...)));
        $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $this->batch, 'caseIds' => [$this->case], 'override' => self::WHY]);

        return [
            'case' => self::gate(Notebook::get("/api/cases/{$this->case}"), 'batches.0.gate'),
            'plant' => self::gate(Notebook::get("/api/plants/{$this->plant}"), 'standing.0.gate'),
            'batch' => self::gate(Notebook::get("/api/batches/{$this->batch}"), 'gate'),
            'rest' => self::told($rest->text("plants.{$row}.level"), $codes),
            'run' => self::gate($run, 'plants.0.gate'),
        ];
    }

    /** What the bench says of the same, as long as it is planned: what is said of what stands mixed is left out of both. */
    public function bench(): string
    {
        return self::gate(Notebook::post('/api/bench', ['request' => $this->request, 'plantId' => $this->plant]), 'gate');
    }

    /** What the choice says of the same where it proposes it at this dose, as the case stands; null where it does not. */
    public function choice(): ?string
    {
        $choice = Notebook::post("/api/cases/{$this->case}/choice", json_encode(Notebook::get("/api/cases/{$this->case}")->at('situation'), \JSON_THROW_ON_ERROR));
        $said = $this->request['factor'] ?? 1;
        $factor = is_numeric($said) ? (float) $said : 0.0;
        foreach (in_array($factor, [0.5, 1.0], true) ? $choice->list('proposed') : [] as $i => $one) {
            if (is_array($one) && $one['slug'] === $this->request['recipe'] && $one['highEnd'] === ($this->request['highEnd'] ?? false) && $one['half'] === ($factor === 0.5)) {
                return self::gate($choice, "proposed.{$i}.gate");
            }
        }

        return null;
    }

    /** @return array<string, float> days until it may be picked, by door */
    public function pickedFrom(): array
    {
        return [
            'case' => Notebook::get("/api/cases/{$this->case}")->number('batches.0.gate.pickFromDays'),
            'plant' => Notebook::get("/api/plants/{$this->plant}")->number('standing.0.gate.pickFromDays'),
            'batch' => Notebook::get("/api/batches/{$this->batch}")->number('gate.pickFromDays'),
            'bench' => Notebook::post('/api/bench', ['request' => $this->request, 'plantId' => $this->plant])->number('gate.pickFromDays'),
        ];
    }

    /** Whether a round of it is taken without a reason. */
    public function isOpen(): bool
    {
        return Notebook::post("/api/cases/{$this->case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $this->batch])->status === 201;
    }

    /** @param array<string, mixed> $more */
    public function sprayed(array $more = []): Answer
    {
        return Notebook::post("/api/cases/{$this->case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $this->batch, 'override' => self::WHY, ...$more]);
    }

    public function batch(): int
    {
        return $this->batch;
    }

    private static function gate(Answer $answer, string $at): string
    {
        $codes = [];
        foreach (array_keys($answer->list("{$at}.reasons")) as $i) {
            $codes[] = $answer->text("{$at}.reasons.{$i}.code");
        }

        return self::told($answer->text("{$at}.level"), $codes);
    }

    /** @param list<string> $codes */
    private static function told(string $level, array $codes): string
    {
        sort($codes);

        return trim("{$level} " . implode(' ', $codes));
    }
}
