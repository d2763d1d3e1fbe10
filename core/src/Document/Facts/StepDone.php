<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;

/** A fact: a step was done, where it was timed how long it took, and where boards were cut in it, what they measured. */
final readonly class StepDone implements Fact
{
    /** @param  array<string, array{Length, Length}>  $sizes  length and width, by part */
    public function __construct(public string $id, public string $step, public ?string $kind,
        public ?int $minutes, public ?int $planned, public ?string $at, public array $sizes = [])
    {
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $minutes = fn (string $key): ?int => $node->at($key)->isMissing() ? null : $node->at($key)->count(0, 100_000);
        $length = fn (Node $n, string $key): Length => $n->at($key)->length(Length::zero(), Length::fromMillimetres(20_000));

        return new self($id, $node->at('step')->text(200), $node->at('step_kind')->isMissing()
            ? null : $node->at('step_kind')->text(30), $minutes('minutes'), $minutes('planned'), $at,
            $node->at('sizes')->byKey(fn (Node $n): array => [$length($n, 'length'), $length($n, 'width')]));
    }
}
