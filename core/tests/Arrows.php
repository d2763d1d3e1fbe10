<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use PhpParser\Node;
use PhpParser\Node\Name;
use PhpParser\Node\Stmt\GroupUse;
use PhpParser\Node\Stmt\Namespace_;
use PhpParser\Node\Stmt\Use_;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\Parser;
use PhpParser\ParserFactory;

/** The arrows between the core's domains (docs/architecture.md), and what of a file goes against them. Names are read as PHP resolves them. */
final class Arrows
{
    private const CORE = 'Incastro\\Core\\';

    /** The root itself: Planner and Plan. */
    public const ROOT = 'Planner';

    /** X → Y: X may use Y and all that Y may use. */
    private const MAY_USE = [
        'Measure' => [],
        'Memory' => [],
        'Findings' => ['Measure'],
        'Geometry' => ['Measure'],
        'Document' => ['Findings'],
        'Exchange' => ['Document', 'Geometry'],
        'Survey' => ['Document', 'Geometry'],
        'Envelope' => ['Survey'],
        'Design' => ['Envelope'],
        'Fit' => ['Design'],
        'Assembly' => ['Fit'],
        'Cut' => ['Assembly'],
        'Checks' => ['Cut'],
        'Build' => ['Checks'],
        'Draw' => ['Build'],
        'Planning' => ['Draw'],
        self::ROOT => ['Planning'],
        'Queries' => [self::ROOT],
        'Console' => ['Queries', 'Exchange'],
    ];

    private Parser $parser;

    public function __construct()
    {
        $this->parser = (new ParserFactory)->createForHostVersion();
    }

    /** @return list<string> */
    public static function domains(): array
    {
        return array_keys(self::MAY_USE);
    }

    /** @return list<string> what it may use besides itself */
    public static function allowed(string $domain): array
    {
        $allowed = $domain === 'Memory' ? [] : ['Memory'];
        foreach (self::MAY_USE[$domain] as $next) {
            array_push($allowed, $next, ...self::allowed($next));
        }

        return array_values(array_unique($allowed));
    }

    /** Of a file under core/src. */
    public static function domainOf(string $path): string
    {
        return str_contains($path, '/') ? explode('/', $path)[0] : self::ROOT;
    }

    /** @return list<string> domains that the code uses and must not */
    public function against(string $code, string $domain): array
    {
        $used = array_unique(array_map(self::domain(...), $this->names($code)));

        return array_values(array_diff($used, [$domain, ...self::allowed($domain)]));
    }

    /** @return list<string> names of the core, whole */
    public function names(string $code): array
    {
        $traverser = new NodeTraverser(new NameResolver(null, ['replaceNodes' => false]));
        $tree = $traverser->traverse($this->parser->parse($code) ?? []);
        $names = [];
        $own = array_map(fn (Namespace_ $n): ?Name => $n->name, (new NodeFinder)->findInstanceOf($tree, Namespace_::class));
        $isName = fn (Node $n): bool => $n instanceof Name && ! in_array($n, $own, true);
        foreach ((new NodeFinder)->find($tree, fn (Node $n): bool => $isName($n) || $n instanceof Use_ || $n instanceof GroupUse) as $node) {
            array_push($names, ...match (true) {
                $node instanceof GroupUse => array_map(fn ($use): string => Name::concat($node->prefix, $use->name)?->toString() ?? '', $node->uses),
                $node instanceof Use_ => array_map(fn ($use): string => $use->name->toString(), $node->uses),
                default => [($node->getAttribute('resolvedName') ?? $node)->toString()],
            });
        }
        // What stands in a comment as a type is a dependency of who reads it.
        preg_match_all('/@(?:param|return|var|throws)[^\n]*?\\\\?(Incastro\\\\Core\\\\[\w\\\\]+)/', $code, $said);

        return array_values(array_filter([...$names, ...$said[1]], fn (string $n): bool => str_starts_with($n, self::CORE) && $n !== rtrim(self::CORE, '\\')));
    }

    private static function domain(string $name): string
    {
        $rest = substr($name, strlen(self::CORE));

        return str_contains($rest, '\\') ? explode('\\', $rest)[0] : self::ROOT;
    }
}
