<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Tests\Support\Leaves\Leaves;
use IdleMixer\Core\Tests\Support\Leaves\Painter;

/*
 * Time and memory of one photograph of 12 megapixels, against decoding and shrinking it alone. Usage: php benchmarks/photo.php [rounds]
 */

require __DIR__ . '/../vendor/autoload.php';

$rounds = max(3, (int) ($argv[1] ?? 7));
[$small] = (new Painter(Leaves::one(24)))->paint();
$large = imagescale($small, 3000, 4000, IMG_BILINEAR_FIXED);
assert($large !== false);
$file = (string) tempnam(sys_get_temp_dir(), 'leaf');
imagejpeg($large, $file, 88);
unset($large, $small);
$bytes = (string) file_get_contents($file);
unlink($file);

$times = ['decoded and shrunk' => [], 'measured' => []];
for ($round = 0; $round < $rounds; ++$round) {
    $start = hrtime(true);
    $pixels = PictureFile::read($bytes);
    $times['decoded and shrunk'][] = (hrtime(true) - $start) / 1e6;
    LeafPhoto::measure($pixels);
    $times['measured'][] = (hrtime(true) - $start) / 1e6;
}
foreach ($times as $name => $all) {
    sort($all);
    printf("%s: median %.0f ms, longest %.0f ms of %d\n", $name, $all[intdiv(count($all), 2)], $all[count($all) - 1], count($all));
}
printf("ratio %.1f\n", array_sum($times['measured']) / array_sum($times['decoded and shrunk']));

$picture = (string) tempnam(sys_get_temp_dir(), 'leaf');
file_put_contents($picture, $bytes);
$command = 'php -r ' . escapeshellarg('require ' . var_export(__DIR__ . '/../vendor/autoload.php', true) . '; IdleMixer\Core\Photo\LeafPhoto::measure(IdleMixer\Core\Photo\PictureFile::read(file_get_contents(' . var_export($picture, true) . '))); preg_match("/VmHWM:\s+(\d+)/", file_get_contents("/proc/self/status"), $m); echo $m[1];');
printf("memory of the whole process at most: %.0f MB\n", (int) shell_exec($command) / 1024);
unlink($picture);
