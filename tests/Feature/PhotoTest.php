<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Photo;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PhotoTest extends TestCase
{
    private const ID = '01J0000000000000000000PHXT';

    public function test_a_picture_is_drawn_anew_with_a_thumbnail_and_kept_once(): void
    {
        $this->actingAs($this->demoOwner());
        $jpeg = self::picture(3000, 1200);
        // What cameras write down: an Exif block right after the start of the picture.
        $noted = substr($jpeg, 0, 2)."\xff\xe1\x00\x18Exif\0\0GPS 57.1N 2.0W".substr($jpeg, 2);
        $this->put_($noted)->assertOk()->assertExactJson(['id' => self::ID, 'width' => 2560, 'height' => 1024]);
        $this->put_(self::picture(10, 10))->assertOk()->assertJsonPath('width', 2560);
        self::assertSame(1, Photo::query()->count());
        $kept = (string) $this->get($this->url())->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('GPS', $kept);
        [$width, $height] = (array) getimagesizefromstring((string) $this->get($this->url().'?thumb=1')->getContent());
        self::assertSame([320, 128], [$width, $height]);
    }

    public function test_what_is_no_picture_is_refused_in_one_sentence(): void
    {
        $this->actingAs($this->demoOwner());
        $this->put_('no picture at all')->assertStatus(422)->assertJsonPath('message', 'This is no picture that can be read; expected JPEG, PNG or WebP.');
        self::assertSame(0, Photo::query()->count());
        $this->get($this->url())->assertNotFound();
    }

    public function test_only_the_household_sees_it_and_only_makers_add_to_it(): void
    {
        $owner = $this->demoOwner();
        $this->put_(self::picture(20, 20))->assertStatus(401);
        $this->actingAs($this->viewer())->put_(self::picture(20, 20))->assertForbidden();
        $this->actingAs($owner)->put_(self::picture(20, 20))->assertOk();
        $this->actingAs($this->stranger())->get($this->url())->assertForbidden();
    }

    private function url(): string
    {
        return '/api/projects/'.$this->demoProject()->id.'/photos/'.self::ID;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function put_(string $bytes): TestResponse
    {
        return $this->call('PUT', $this->url(), [], [], [], ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], $bytes);
    }

    private static function picture(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }
}
