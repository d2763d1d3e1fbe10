<?php

declare(strict_types=1);

namespace Tests;

trait ReadsPdf
{
    /** Its words as they stand on the page, by poppler. */
    private static function textOf(string $pdf): string
    {
        $process = proc_open(['pdftotext', '-layout', '-', '-'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $pdf);
        fclose($pipes[0]);
        $text = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return str_replace("\u{00A0}", ' ', $text);
    }
}
