<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/**
 * How the flaps of a piece are held: struts a flap, how much harder a compressed one pushes (1.2 to 1.5), and how far along the flap it is
 * mounted, as a share of it.
 */
final readonly class StrutSettings
{
    public function __construct(public int $count = 2, public float $harder = 1.3, public float $onFlap = 0.33)
    {
    }

    public static function read(Node $node): self
    {
        $usual = new self;

        return new self(
            $node->at('count')->isMissing() ? $usual->count : $node->at('count')->count(1, 4),
            $node->at('harder')->isMissing() ? $usual->harder : $node->at('harder')->number(1.0, 2.0),
            $node->at('on_flap')->isMissing() ? $usual->onFlap : $node->at('on_flap')->number(0.1, 0.8),
        );
    }
}
