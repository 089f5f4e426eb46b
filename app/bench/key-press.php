<?php

// Asks a running server for the answer to one key press, a hundred times: in the sheet of 1,000 questions, or in one of a
// text that is named.

declare(strict_types=1);

$server = $argv[1];
$ask = static function (string $method, string $path, ?array $body = null) use ($server): string {
    $answer = @file_get_contents($server.$path, false, stream_context_create(['http' => [
        'method' => $method,
        'header' => ['content-type: application/json', 'accept: application/json', 'csrf-token: '.str_repeat('b', 36), 'sec-fetch-site: same-origin', "origin: {$server}"],
        'content' => null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
        'ignore_errors' => true,
    ]]));

    return false === $answer ? '' : $answer;
};
for ($tries = 0; $tries < 600 && '' === $ask('GET', '/api/shelf'); ++$tries) {
    usleep(100_000);
}
if (isset($argv[2])) {
    $id = json_decode($ask('POST', '/api/sheets', ['title' => 'Bench', 'text' => file_get_contents($argv[2]), 'notation' => 'gift']), true)['id'];
    $ask('GET', '/api/shelf');
} else {
    $sheets = array_filter(json_decode($ask('GET', '/api/shelf'), true)['sheets'], static fn (array $sheet) => 1_000 === $sheet['count']);
    $id = reset($sheets)['id'];
}
$start = hrtime(true);
$whole = $ask('GET', "/api/sheets/{$id}");
$opening = (hrtime(true) - $start) / 1e6;
$reading = json_decode($whole, true)['reading'];
$questions = count(array_filter($reading['splice']['put'], static fn (array $block) => 'question' === $block['kind']));
printf("Opening a sheet of %s questions, answered: %.0f ms, %.0f kB\n", number_format($questions), $opening, strlen($whole) / 1e3);
$times = $sizes = [];
for ($press = 0; $press < 100; ++$press) {
    $at = 5_000 + 31 * $press;
    $body = ['changeId' => sprintf('%08x-0000-4000-8000-%012x', random_int(0, 0xFFFFFFFF), $press), 'base' => $reading['hash'], 'digest' => $reading['digest'], 'edits' => [['from' => $at, 'to' => $at, 'text' => 'x']]];
    $start = hrtime(true);
    $answer = $ask('POST', "/api/sheets/{$id}/edits", $body);
    $times[] = (hrtime(true) - $start) / 1e6;
    $sizes[] = strlen($answer);
    $reading = json_decode($answer, true)['reading'];
}
sort($times);
sort($sizes);
printf("One key press in it, answered: median %.0f ms, 95th of 100 %.0f ms, largest answer %.1f kB\n", $times[50], $times[94], $sizes[99] / 1e3);
