<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Turn;
use Tests\TestCase;

/** Plans are made in turn: no more at once than there is room for, and nobody's death keeps a turn. */
final class TurnTest extends TestCase
{
    /** @var resource */
    private mixed $other;

    /** @var array<int, resource> */
    private array $pipes = [];

    protected function setUp(): void
    {
        parent::setUp();
        config(['incastro.plans_at_once' => 1]);
        // Another process takes the one turn, says so, and gives it back when it is told to.
        $code = 'require "vendor/autoload.php"; (require "bootstrap/app.php")->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); config(["incastro.plans_at_once" => 1]);'
            .'App\Actions\Turn::take(function (): void { echo "mine\n"; fgets(STDIN); usleep(300_000); file_put_contents($_SERVER["argv"][1], "done"); });';
        $this->other = proc_open([PHP_BINARY, '-r', $code, $this->mark()], [['pipe', 'r'], ['pipe', 'w'], STDERR], $this->pipes, base_path()) ?: self::fail('No second process.');
        self::assertSame("mine\n", fgets($this->pipes[1]));
    }

    protected function tearDown(): void
    {
        proc_terminate($this->other, SIGKILL);
        proc_close($this->other);
        @unlink($this->mark());
        parent::tearDown();
    }

    public function test_who_comes_second_waits_for_the_first(): void
    {
        self::assertFileDoesNotExist($this->mark());
        fwrite($this->pipes[0], "go on\n");
        self::assertSame('done', Turn::take(fn (): string => (string) @file_get_contents($this->mark())));
    }

    public function test_a_killed_process_gives_its_turn_back(): void
    {
        proc_terminate($this->other, SIGKILL);
        self::assertSame(42, Turn::take(fn (): int => 42));
        self::assertFileDoesNotExist($this->mark());
    }

    public function test_a_failed_plan_gives_its_turn_back(): void
    {
        proc_terminate($this->other, SIGKILL);
        foreach ([1, 2] as $time) {
            try {
                Turn::take(fn (): never => throw new \DomainException("time $time"));
            } catch (\DomainException $e) {
                self::assertSame("time $time", $e->getMessage());
            }
        }
    }

    private function mark(): string
    {
        return sys_get_temp_dir().'/incastro-turn-'.getmypid();
    }
}
