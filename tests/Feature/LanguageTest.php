<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Language;
use Tests\ReadsPdf;
use Tests\TestCase;

/** Another language is a file of words: the page, what is refused and what is printed are in it, and English where it has nothing. */
final class LanguageTest extends TestCase
{
    use ReadsPdf;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/incastro-words-'.bin2hex(random_bytes(6));
        @mkdir($this->folder);
        copy(resource_path('lang/en.json'), "$this->folder/en.json");
        config(['incastro.languages' => $this->folder]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*.json") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    /** @param  array<string, mixed>  $words */
    private function speaks(string $code, array $words): void
    {
        file_put_contents("$this->folder/$code.json", json_encode($words, JSON_THROW_ON_ERROR));
    }

    public function test_the_language_of_the_profile_is_spoken_and_one_that_is_not_there_is_refused(): void
    {
        $this->speaks('qa', ['language.name' => 'Qalese', 'refused.not_found' => 'Wanu tek.', 'The paper is a4 or letter.' => 'Paparo a4 u letter.']);
        $owner = $this->demoOwner();
        $this->actingAs($owner)->getJson('/api/session')->assertJsonPath('languages', ['en' => 'English', 'qa' => 'Qalese']);
        $this->patchJson('/api/profile', ['language' => 'zz'])->assertStatus(422)->assertJsonPath('message', 'This server does not speak that language.');
        $this->patchJson('/api/profile', ['language' => 'qa'])->assertOk();
        $this->actingAs($owner->refresh())->getJson('/api/nowhere')->assertNotFound()->assertJsonPath('message', 'Wanu tek.');
        $this->patchJson('/api/profile', ['paper' => 'a9'])->assertJsonPath('message', 'Paparo a4 u letter.');
        $this->patchJson('/api/profile', ['fraction' => 3])->assertJsonPath('message', 'Inches are shown to 1/8, 1/16, 1/32 or 1/64.');
    }

    public function test_the_page_brings_the_words_of_its_reader_and_none_in_english(): void
    {
        $this->speaks('qa', ['Buy' => 'Kopu </script> & "ko"']);
        $owner = $this->demoOwner();
        $english = (string) $this->actingAs($owner)->get('/')->assertSee('<html lang="en">', false)->getContent();
        self::assertStringNotContainsString('id="words"', $english);
        $owner->update(['profile' => ['language' => 'qa']]);
        $page = (string) $this->actingAs($owner->refresh())->get('/')->assertSee('<html lang="qa">', false)->getContent();
        self::assertSame(1, preg_match('#<script type="application/json" id="words">(.*?)</script>#s', $page, $m));
        self::assertSame(['Buy' => 'Kopu </script> & "ko"'], json_decode($m[1], true));
    }

    public function test_who_is_not_signed_in_is_spoken_to_as_their_browser_asks(): void
    {
        $this->speaks('qa', ['refused.signed_out' => 'Otre pordo.']);
        $this->getJson('/api/projects', ['Accept-Language' => 'qa, en;q=0.5'])->assertUnauthorized()->assertJsonPath('message', 'Otre pordo.');
        $this->getJson('/api/projects', ['Accept-Language' => 'fr'])->assertUnauthorized()->assertJsonPath('message', 'You are signed out; sign in to go on.');
    }

    public function test_a_damaged_file_of_words_shuts_nobody_out(): void
    {
        file_put_contents("$this->folder/qa.json", '{"refused.not_found": "Wanu');
        $this->speaks('qb', ['language.name' => 'Qbian', 'Cut list' => ['no', 'text']]);
        $owner = $this->demoOwner();
        foreach (['qa', 'qb'] as $code) {
            $owner->update(['profile' => ['language' => $code]]);
            $this->actingAs($owner->refresh())->get('/')->assertOk();
            $this->getJson('/api/session')->assertOk()->assertJsonPath('languages', ['en' => 'English', 'qa' => 'qa', 'qb' => 'Qbian']);
            $this->getJson('/api/nowhere')->assertJsonPath('message', 'There is nothing at this address.');
            self::assertSame('Cut list', Language::say('Cut list'));
        }
    }

    public function test_values_stand_where_the_sentence_wants_them(): void
    {
        $this->speaks('qa', ['{0} is larger than {1} MB; expected less.' => '{1} MB ne {0}.']);
        $owner = $this->demoOwner();
        $owner->update(['profile' => ['language' => 'qa']]);
        $this->actingAs($owner);
        self::assertSame('5 MB ne a{1}.', Language::say('{0} is larger than {1} MB; expected less.', 'a{1}', 5));
    }

    public function test_what_is_printed_is_in_the_readers_language_but_for_what_people_wrote(): void
    {
        $list = json_decode((string) file_get_contents(resource_path('texts.json')), true, 8, JSON_THROW_ON_ERROR);
        $core = json_decode((string) file_get_contents(resource_path('lang/en.json')), true, 8, JSON_THROW_ON_ERROR);
        // Every text is dots, with its values and its form kept.
        $dots = fn (string $text): string => (string) preg_replace_callback('/\{\w+(?:\|[^}]*)?\}|%[\d.$]*[a-z%]|\p{L}+/u', fn (array $m): string => match (true) {
            $m[0][0] === '%' => $m[0],
            $m[0][0] === '{' => (string) preg_replace('/\|[^|}]*/', '|..', $m[0]),
            default => '..',
        }, $text);
        $words = array_combine($list['server'], array_map($dots, $list['server'])) + array_map($dots, $core);
        $this->speaks('qa', $words);
        $owner = $this->demoOwner();
        $owner->update(['profile' => ['language' => 'qa']]);
        $project = $this->demoProject();
        $own = array_flip(self::written([...$project->decoded(), ['name' => $project->household->name.' '.$project->name.' powered by tcpdf www.tcpdf.org']]));
        $left = [];
        foreach (['plan.pdf', 'booklet.pdf', 'survey.pdf', 'measuring-list.pdf', 'shopping.pdf', 'record.pdf', 'bin-labels.pdf'] as $file) {
            $pdf = (string) $this->actingAs($owner->refresh())->get("/api/projects/$project->id/$file")->assertOk()->getContent();
            preg_match_all('/\p{L}{3,}/u', self::textOf($pdf), $m);
            $foreign = array_values(array_unique(array_filter($m[0], fn (string $word): bool => ! isset($own[mb_strtolower($word)]))));
            $left[$file] = $foreign;
        }
        self::assertSame([], array_filter($left));
    }

    /**
     * What people wrote in it, word by word; a plan's codes are no such words.
     *
     * @param  array<array-key, mixed>  $document
     * @return list<string>
     */
    private static function written(array $document): array
    {
        $found = '';
        array_walk_recursive($document, function (mixed $value, int|string $key) use (&$found): void {
            $found .= is_string($value) && in_array($key, ['name', 'text', 'reason', 'cause', 'from', 'to', 'colour', 'sheen', 'caption'], true) ? " $value" : '';
        });

        return preg_split('/[^\p{L}]+/u', mb_strtolower($found)) ?: [];
    }
}
