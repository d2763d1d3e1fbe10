<?php

declare(strict_types=1);

/**
 * Faults drawn from a list of sixteen, one after another, while ten people write: what was acknowledged and is lost, what is there twice, and how long
 * it takes until everything runs and every writer was answered again, by itself or by `./incastro start`. A fault that the machine does not allow is told as not run.
 * usage: ./incastro bench faults [COUNT=30] [SEED]
 */

require __DIR__.'/../../vendor/autoload.php';
foreach (['House', 'Writer', 'Faults'] as $class) {
    require __DIR__."/faults/$class.php";
}

use Incastro\Bench\Faults\Faults;
use Incastro\Bench\Faults\House;
use Incastro\Bench\Faults\Writer;

final class Storm
{
    private const WRITERS = 10;

    private const WITHIN_S = 30.0;

    /** @var list<Writer> */
    private array $writers = [];

    /** @var list<array{string, float}> */
    private array $took = [];

    /** @var array<string, string> */
    private array $notRun = [];

    private readonly string $folder;

    public function __construct(private readonly House $house, private readonly Faults $faults, private readonly int $count)
    {
        $this->folder = (string) tempnam('/tmp', 'incastro-writers.');
        unlink($this->folder);
        mkdir($this->folder);
    }

    public function run(): int
    {
        $said = $this->house->incastro('start');
        str_contains($said, 'Incastro is running') || throw new RuntimeException("It does not start: $said");
        for ($n = 1; $n <= self::WRITERS; $n++) {
            $this->writers[] = new Writer($this->house, $n, $this->folder);
        }
        array_map(fn (Writer $w) => $w->begin(), $this->writers);
        $this->back(microtime(true)) ?? throw new RuntimeException('The writers do not write.');
        foreach ($this->drawn() as $i => $name) {
            $this->strike($i + 1, $name);
        }
        touch("$this->folder/enough");
        array_map(fn (Writer $w) => $w->end(), $this->writers);

        return $this->tell();
    }

    /** Each of them once, as far as they go, and then any; in no order. @return list<string> */
    private function drawn(): array
    {
        $names = array_keys($this->faults->all());
        $drawn = array_slice($names, 0, $this->count);
        while (count($drawn) < $this->count) {
            $drawn[] = $names[mt_rand(0, count($names) - 1)];
        }
        usort($drawn, fn (): int => mt_rand(-1, 1) ?: 1);

        return $drawn;
    }

    private function strike(int $number, string $name): void
    {
        $began = microtime(true);
        $this->faults->since = 0.0;
        $needsStart = $this->faults->all()[$name]();
        if (is_string($needsStart)) {
            $this->notRun[$name] = $needsStart;
            printf("%2d  %-32s not run: %s\n", $number, $name, $needsStart);

            return;
        }
        $harmed = $this->faults->since ?: microtime(true);
        if ($needsStart) {
            $this->house->incastro('start');
        }
        $back = $this->back($harmed);
        $this->took[] = [$name, $back ?? INF];
        printf("%2d  %-32s harm %4.1f s, %s%s\n", $number, $name, $harmed - $began, $back === null ? 'NOT BACK' : sprintf('back in %4.1f s', $back), $needsStart ? ', by start' : '');
        $back !== null || $this->house->incastro('start');
    }

    /** Seconds from a moment until all runs and each writer was answered since; null where that takes too long. */
    private function back(float $since): ?float
    {
        do {
            usleep(200_000);
            $heard = array_filter($this->writers, fn (Writer $w): bool => max([0.0, ...array_values($w->acknowledged())]) > $since);
            if (count($heard) === count($this->writers) && $this->house->isUp()) {
                return microtime(true) - $since;
            }
        } while (microtime(true) - $since < 2 * self::WITHIN_S);

        return null;
    }

    private function tell(): int
    {
        [$acknowledged, $lost, $doubled, $gone, $amiss] = [0, 0, 0, 0, []];
        foreach ($this->writers as $writer) {
            [$there, $changes] = $writer->there();
            foreach ($writer->acknowledged() as $id => $at) {
                $acknowledged++;
                $mayBeGone = array_filter($this->faults->putBack, fn (array $p): bool => $at >= $p[0] && $at <= $p[1]) !== [];
                $isGone = ! in_array((string) $id, $there, true);
                $lost += (int) ($isGone && ! $mayBeGone);
                $gone += (int) ($isGone && $mayBeGone);
            }
            $doubled += abs($changes - count($there));
            $amiss = [...$amiss, ...$writer->amiss()];
        }
        $slow = array_filter($this->took, fn (array $t): bool => $t[1] > self::WITHIN_S);
        $times = array_column($this->took, 1);
        sort($times);
        printf("\n%d faults of %d kinds, %d writers: %d edits acknowledged, lost %d, there twice %d", count($this->took), count(array_unique(array_column($this->took, 0))), self::WRITERS, $acknowledged, $lost, $doubled);
        printf("; %d rightly gone with what an older state took the place of\n", $gone);
        printf("back: middle %.1f s, slowest %.1f s; over %.0f s: %s\n", $times[intdiv(count($times), 2)] ?? 0, end($times) ?: 0, self::WITHIN_S, implode(', ', array_column($slow, 0)) ?: 'none');
        foreach ($this->notRun as $name => $why) {
            echo "not run: $name ($why)\n";
        }
        foreach (array_unique($amiss) as $line) {
            echo "amiss: $line\n";
        }

        return $lost + $doubled + count($slow) + count($amiss) > 0 ? 1 : 0;
    }

    public function leave(): void
    {
        touch("$this->folder/enough");
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}

mt_srand((int) ($argv[2] ?? 20261202));
$socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port.');
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$house = new House($port);
$storm = new Storm($house, new Faults($house), max(1, (int) ($argv[1] ?? 30)));
try {
    $code = $storm->run();
} finally {
    $storm->leave();
    $house->leave();
}
exit($code);
