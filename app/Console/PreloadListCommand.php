<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Answers a few requests and writes down which files that took, so that the server can hold them ready. */
final class PreloadListCommand extends SaidCommand
{
    protected $signature = 'mixer:preload-list {file}';

    public function handle(Kernel $kernel, Connection $notebook): int
    {
        $plan = '{"recipe":"kitchen-oil-by-the-quart","make":{"amount":1.5,"unit":"[gal_us]"},"sprayer":{"amount":1,"unit":"[gal_us]"},"plant":"ordinary-leaf","water":{"hardness":{"amount":120,"unit":"mg/L"}}}';
        $before = get_included_files();
        foreach ([['GET', '/api/ping', null], ['POST', '/api/plan', $plan], ['GET', '/api/recipes', null], ['GET', '/api/today', null], ['GET', '/api/worked', null]] as [$method, $path, $body]) {
            self::answer($kernel, $method, $path, $body);
        }
        $this->write($kernel, $notebook);
        // Data files return arrays and closures: they are read, not compiled ahead; the lines among them are classes.
        $files = array_filter(
            [...$before, ...get_included_files()],
            static fn(string $file): bool => ! str_contains($file, '/Console/') && ! str_contains($file, '/console/') && (! str_contains($file, '/core/data/') || str_contains($file, '/core/data/lines/'))
                && ! str_contains($file, '/bootstrap/') && ! str_contains($file, '/cache/') && ! str_ends_with($file, '/artisan'),
        );
        $target = $this->argument('file');
        file_put_contents(is_string($target) ? $target : 'php://stdout', implode("\n", array_unique($files)) . "\n");

        return self::SUCCESS;
    }

    /** Writes one of everything that is written often, and takes all of it back. */
    private function write(Kernel $kernel, Connection $notebook): void
    {
        $notebook->beginTransaction();
        try {
            $plant = $this->made($kernel, '/api/plants', '"name":"Seen once","tolerance":"ordinary-leaf"');
            $case = $this->made($kernel, '/api/cases', "\"plantId\":{$plant['id']},\"pest\":\"aphids\"");
            $batch = $this->made($kernel, '/api/batches', "\"bench\":{\"request\":{\"recipe\":\"mild-soap\",\"make\":{\"amount\":1,\"unit\":\"L\"}}},\"caseId\":{$case['id']}");
            self::answer($kernel, 'PUT', "/api/batches/{$batch['key']}/scoops/1/ticks/1", '{"ticked":true}');
            self::answer($kernel, 'POST', "/api/batches/{$batch['key']}/finish", '{"standTest":"even"}');
            $this->made($kernel, '/api/leaf-tests', "\"batchId\":{$batch['id']},\"plantId\":{$plant['id']}");
            $this->made($kernel, "/api/cases/{$case['key']}/rounds", "\"batch\":\"{$batch['key']}\",\"override\":\"Seen once\"");
            self::answer($kernel, 'POST', "/api/cases/{$case['key']}/counts", '{"submission":"' . Str::uuid()->toString() . '","value":3}');
            self::answer($kernel, 'PUT', "/api/plants/{$plant['key']}", '{"basedOn":1,"name":"Seen twice","tolerance":"ordinary-leaf"}');
        } finally {
            $notebook->rollBack();
        }
    }

    /** @return array{id: int, key: string} of what was made */
    private function made(Kernel $kernel, string $path, string $fields): array
    {
        $key = Str::uuid()->toString();
        $made = json_decode(self::answer($kernel, 'POST', $path, '{"submission":"' . $key . '",' . $fields . '}'), true);

        return is_array($made) && is_int($made['id'] ?? null) ? ['id' => $made['id'], 'key' => $key] : throw new \RuntimeException("{$path} made nothing.");
    }

    private static function answer(Kernel $kernel, string $method, string $path, ?string $body): string
    {
        $request = Request::create("http://127.0.0.1{$path}", $method, [], [], [], ['CONTENT_TYPE' => 'application/json', 'REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1'], $body);

        return (string) $kernel->handle($request)->getContent();
    }
}
