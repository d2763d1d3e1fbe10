<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A fact: where something lies that will be covered, by two distances from things that stay. */
final readonly class HiddenThing implements Fact
{
    /**
     * @param  string  $about  the thing, or what a step asks for
     * @param  list<array{from: string, length: Length}>  $distances  two at most
     */
    public function __construct(public string $id, public string $about, public ?string $text, public array $distances, public ?string $at)
    {
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $distances = array_values(array_filter(array_map(fn (string $key): ?array => $node->at($key)->isMissing() ? null : [
            'from' => $node->at($key)->at('from')->text(80), 'length' => $node->at($key)->at('length')->length(Length::zero(), Length::fromMillimetres(50_000)),
        ], ['first', 'second'])));
        $text = $node->at('text')->isMissing() ? null : $node->at('text')->text(300);
        if ($distances === [] && $text === null) {
            $node->wrong(Text::of('document.hidden_empty'));
        }

        return new self($id, $node->at('about')->text(200), $text, $distances, $at);
    }
}
