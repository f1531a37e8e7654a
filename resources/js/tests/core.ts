import { execFileSync } from 'node:child_process';

/** Asks core itself: evaluates PHP over `$input` and returns what it returns. For rules that a screen draws after core. */
export function core<T>(code: string, input: unknown): T {
    const script = `require 'vendor/autoload.php'; $input = json_decode(stream_get_contents(STDIN), true); echo json_encode((static function (array $input) { ${code} })($input));`;
    return JSON.parse(execFileSync('php', ['-r', script], { input: JSON.stringify(input), encoding: 'utf8' })) as T;
}
