<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;

/** A fact: a part that is bought by length was cut off its stick, so long and so wide. */
final readonly class Crosscut implements Fact
{
    public function __construct(public string $id, public string $part, public Length $length, public Length $width, public ?string $at)
    {
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $size = fn (string $key): Length => $node->at($key)->length(Length::fromMillimetres(1), Length::fromMillimetres(20_000));

        return new self($id, $node->at('part')->text(160), $size('length'), $size('width'), $at);
    }
}
