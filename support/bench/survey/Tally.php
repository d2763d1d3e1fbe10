<?php

declare(strict_types=1);

namespace Incastro\Bench\Survey;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Rooms of every family surveyed as the advice asks, on all processors, and what came of it in lines. */
final readonly class Tally
{
    /** What an edge with a filler takes up, what an ordinary one does, and what one scribed or tight does, mm (Survey/Need). */
    private const ENOUGH = ['filler or trim' => 10.0, 'ordinary' => 5.0, 'scribed or tight' => 3.0];

    private const SLIP_LEAST = 9.0;

    private const SLIP_MORE = 31.0;

    /** Acts that what was asked after a slip may take. */
    private const MORE = 8;

    public function __construct(private int $rooms)
    {
    }

    public function run(): int
    {
        printf("Rooms of each family: %d, seeds 0 to %d. Clear width, read as advised until it is known within %.0f mm or nothing more is asked.\n", $this->rooms, $this->rooms - 1, self::ENOUGH['ordinary']);
        printf("%-24s %8s %8s %8s %6s %8s %8s %6s\n", 'family', 'within ±', 'mean ±', 'err 95 %', 'ratio', 'enough', 'beyond', 'acts');
        $inside = $all = 0;
        foreach (Family::cases() as $family) {
            $found = $this->each(fn (int $seed): array => self::surveyed($family, $seed, self::ENOUGH['ordinary']));
            $errors = array_column($found, 'error');
            sort($errors);
            $p95 = $errors[(int) floor(0.95 * count($errors))];
            $within = array_filter($found, fn (array $f): bool => $f['error'] <= $f['doubt']);
            $enough = array_filter($found, fn (array $f): bool => $f['enough']);
            $beyond = array_filter($enough, fn (array $f): bool => $f['error'] > $f['doubt']);
            $mean = array_sum(array_column($found, 'doubt')) / count($found);
            printf("%-24s %6.1f %% %8.2f %8.2f %6.2f %6.0f %% %6.1f %% %6.1f\n", $family->value, 100 * count($within) / count($found), $mean, $p95, $p95 > 0 ? $mean / $p95 : INF,
                100 * count($enough) / count($found), 100 * count($beyond) / max(1, count($enough)), array_sum(array_column($found, 'acts')) / count($found));
            $inside += count($within);
            $all += count($found);
        }
        printf("over all within ±: %.1f %% (aim 95 to 98, each family at least 93; ratio at most 1.6; \"beyond\" is settled and out by more than stated: aim 0)\n", 100 * $inside / $all);
        foreach (self::ENOUGH as $edges => $enough) {
            $found = $this->each(fn (int $seed): array => self::surveyed(Family::Ordinary, $seed, $enough));
            printf("readings until enough in ordinary rooms, edges %-16s (± %2.0f): %.1f, enough said in %.0f %%\n", $edges, $enough, array_sum(array_column($found, 'acts')) / count($found),
                100 * count(array_filter($found, fn (array $f): bool => $f['enough'])) / count($found));
        }
        foreach (Family::cases() as $family) {
            $cut = $this->each(fn (int $seed): array => Carcass::of(new TrueRoom($family, $seed)));
            $free = array_values(array_filter($cut, fn (array $c): bool => ! $c['asks']));
            printf("a carcass with %.0f mm of play at each side, %-24s asked about in %5.1f %%; of %d cut without a question %.1f %% jam\n", Carcass::PLAY, $family->value.':',
                self::share($cut, 'asks'), count($free), $free === [] ? 0.0 : self::share($free, 'jams'));
        }
        echo "(aim: at most 1 % jam in each family, at most 10 % of ordinary rooms asked about)\n";
        $slips = $this->each(self::slipped(...));
        printf("a slip of %.0f to %.0f mm in one reading of such an ordinary room, once what is asked is given: told in %.1f %%, the right reading first in %.1f %% (aim 95 and 90); nothing said and the size out by more than stated in %.1f %%; in the same rooms without a slip a reading doubted in %.1f %% (aim at most 3.3)\n",
            self::SLIP_LEAST, self::SLIP_LEAST + self::SLIP_MORE, self::share($slips, 'found'), self::share($slips, 'first'), self::share($slips, 'harmed'), self::share($slips, 'needless'));

        return 0;
    }

    /** @param  list<array<string, bool>>  $of */
    private static function share(array $of, string $what): float
    {
        return 100 * count(array_filter(array_column($of, $what))) / count($of);
    }

    /** @return array{error: float, doubt: float, enough: bool, acts: int} */
    private static function surveyed(Family $family, int $seed, float $enough): array
    {
        $room = new TrueRoom($family, $seed);
        $trial = Trial::followed($room, $enough);
        [$clear, $doubt] = $trial->clearWidth();

        return ['error' => abs($clear - $room->clearWidth()), 'doubt' => $doubt, 'enough' => $trial->isEnough(), 'acts' => $trial->acts()];
    }

    /** @return array{found: bool, first: bool, harmed: bool, needless: bool} */
    private static function slipped(int $seed): array
    {
        $room = new TrueRoom(Family::Ordinary, $seed);
        $trial = Trial::followed($room, self::ENOUGH['ordinary']);
        $chance = new Randomizer(new Xoshiro256StarStar(1_000_000 + $seed));
        $by = (self::SLIP_LEAST + self::SLIP_MORE * $chance->getInt(0, 1000) / 1000) * ($chance->getInt(0, 1) === 0 ? 1 : -1);
        // Act 0 is the depth, which no width hangs on.
        [$wrong, $at] = $trial->planted($chance->getInt(1, $trial->acts() - 1), $by);
        $wrong = $wrong->followedOn($trial->acts() + self::MORE);
        $findings = $wrong->findings();

        [$clear, $doubt] = $wrong->clearWidth();

        return ['found' => $findings !== [], 'first' => $findings !== [] && $findings[0]->place->ref === $at,
            'harmed' => $findings === [] && abs($clear - $room->clearWidth()) > $doubt, 'needless' => $trial->hasAsked()];
    }

    /**
     * Each seed once, shared out among the processors.
     *
     * @template T of array<string, mixed>
     *
     * @param  \Closure(int): T  $of
     * @return list<T>
     */
    private function each(\Closure $of): array
    {
        $hands = max(1, (int) shell_exec('nproc'));
        $files = [];
        for ($hand = 0; $hand < $hands; $hand++) {
            $files[$hand] = (string) tempnam('/tmp', 'incastro-survey.');
            if (pcntl_fork() === 0) {
                $mine = [];
                for ($seed = $hand; $seed < $this->rooms; $seed += $hands) {
                    $mine[] = $of($seed);
                }
                file_put_contents($files[$hand], serialize($mine));
                exit(0);
            }
        }
        while (pcntl_wait($status) > 0) {
            $status === 0 || throw new \RuntimeException('A part of the rooms was not surveyed.');
        }
        $all = array_merge(...array_map(fn (string $file): array => (array) unserialize((string) file_get_contents($file)), $files));
        array_map(unlink(...), $files);

        return $all;
    }
}
