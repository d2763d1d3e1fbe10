<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A fact: what was read when something was tried or checked, by point; a point may be below zero where something binds. */
final readonly class Checked implements Fact
{
    /** @param  array<string, Length>  $points */
    public function __construct(public string $id, public string $trial, public array $points, public ?string $at)
    {
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $points = $node->at('points')->byKey(fn (Node $n): Length => $n->length(Length::fromMillimetres(-200), Length::fromMillimetres(20_000)));
        if ($points === []) {
            $node->at('points')->wrong(Text::of('document.checked_empty'));
        }

        return new self($id, $node->at('trial')->text(200), $points, $at);
    }
}
