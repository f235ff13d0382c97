<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\CertificatePage;
use App\Package\ImportPackage;
use App\Package\JobPackage;
use App\People\Role;
use App\Signing\SealBook;
use App\Signing\ShopKey;
use App\Signing\SignedCertificate;
use App\Storage\LedgerEntry;
use App\Storage\Recall;
use App\Storage\Release;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What is signed can be checked by anyone, and what comes up afterwards is told to whoever asks (WORK-6). */
final class SignedCertificateTest extends TestCase
{
    use EmptyHouse;
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished();
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();
    }

    public function test_the_signature_is_checked_with_common_tools_alone(): void
    {
        $signed = $this->get($this->url('certificate.json'))->assertOk()->json();
        $this->assertSame('0600', substr(sprintf('%o', fileperms("{$this->outside}/keys/shop.key")), -4));
        File::put("{$this->outside}/text", $signed['certificate']);
        File::put("{$this->outside}/sig", (string) base64_decode($signed['signature'], true));
        File::put("{$this->outside}/pem", $signed['public_key_pem']);

        $this->assertTrue($this->openssl());
        File::put("{$this->outside}/text", str_replace('3.83', '3.82', $signed['certificate']));
        $this->assertFalse($this->openssl(), 'a size was altered');
    }

    public function test_the_text_follows_its_schema_and_names_the_entry_and_the_seals_behind_it(): void
    {
        auth()->logout();
        $this->get('/certificate/schema')->assertOk()->assertHeader('Content-Type', 'application/schema+json');
        $schema = (string) file_get_contents(resource_path('documents/certificate.schema.json'));
        $text = Release::query()->sole()->certificate;
        $error = (new Validator())->validate(json_decode($text, false, 32, JSON_THROW_ON_ERROR), $schema)->error();
        $this->assertNull($error, $error === null ? '' : json_encode((new ErrorFormatter())->format($error), JSON_THROW_ON_ERROR));
        $odd = json_decode($text, false, 32, JSON_THROW_ON_ERROR);
        $odd->ledger->hash = 'nothing';
        $this->assertFalse((new Validator())->validate($odd, $schema)->isValid());

        $certificate = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        $last = LedgerEntry::query()->where('job_id', $this->job->id)->where('number', $certificate['revisions']['ledger_entry'])->sole();
        $this->assertSame($last->hash, $certificate['ledger']['hash']);
        $this->assertSame([], $certificate['ledger']['seals'], 'nothing was sealed before');
        $this->assertNotSame([], $this->app->make(SealBook::class)->ofJob($this->job->id), 'the release is');
    }

    public function test_places_and_what_nobody_looked_at_are_named_by_the_format_and_not_by_the_language(): void
    {
        $certificate = json_decode(Release::query()->sole()->certificate, true, 32, JSON_THROW_ON_ERROR);
        $bore = $certificate['bores'][0];
        $this->assertSame(
            ['top, thrust', 'top, in line', 'middle, thrust', 'middle, in line', 'bottom, thrust', 'bottom, in line'],
            array_keys($bore['readings']),
        );
        $this->assertContains('not checked', [...array_values($bore['rings']), $bore['finish']]);
        $page = (string) file_get_contents(resource_path('views/certificate.blade.php'));
        $this->assertStringNotContainsString("'not checked'", $page, 'the page asks the format for it');
        $named = (string) file_get_contents(app_path('Documents/Certificate.php'));
        $this->assertDoesNotMatchRegularExpression("/Line::(?:of|ofCode)\\('(?:places|release\\.bore\\.not_checked)/", $named);
    }

    public function test_an_altered_file_is_refused_and_another_key_is_named(): void
    {
        $signed = (string) $this->get($this->url('certificate.json'))->getContent();
        $path = "{$this->outside}/signed.json";
        File::put($path, $signed);
        $this->artisan('certificate:check', ['file' => $path])
            ->expectsOutput('Unaltered, signed with this shop’s key.')
            ->assertSuccessful();
        File::put($path, str_replace('3.83', '3.82', $signed));
        $this->artisan('certificate:check', ['file' => $path])->assertFailed();
        File::put($path, '{"format": "north-ledger signed certificate 1", "certificate": []}');
        $this->artisan('certificate:check', ['file' => $path])->assertFailed();
        $this->artisan('certificate:check', ['file' => '/nowhere'])->assertFailed();

        $before = ShopKey::own()->publicKey();
        $this->assertSame($before, ShopKey::own()->publicKey(), 'it is made once');
        config(['app.key_folder' => "{$this->outside}/others"]);
        $this->assertNotSame($before, ShopKey::own()->publicKey());
        File::put($path, $signed);
        $this->artisan('certificate:check', ['file' => $path])
            ->expectsOutput('Unaltered, signed with a key that is not this shop’s.')
            ->assertSuccessful();
        $this->assertNull(SignedCertificate::read('nonsense'));
    }

    public function test_anyone_who_has_the_paper_sees_whether_it_stands(): void
    {
        $page = '/certificates/'.Release::query()->sole()->ulid;
        $printed = view('certificate', CertificatePage::of($this->job, Release::query()->sole(), true))->render();
        $this->assertMatchesRegularExpression(
            '~<img src="data:image/svg\+xml;base64,[A-Za-z0-9+/=]{900,}" alt="QR code~',
            $printed,
            'on paper too',
        );
        auth()->logout();
        $this->get($page)->assertOk()->assertSee('This certificate stands as it was signed.')->assertDontSee($this->job->customer->name);
        $this->get('/certificates/01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertNotFound();
        $this->get($this->url('certificate.json'))->assertRedirect('/login');

        $this->actingAs($this->machinist);
        $this->recall('in_question')->assertForbidden();
        $this->actingAs($this->inspector);
        $this->recall('in_question')->assertSessionDoesntHaveErrors();
        $this->get($page)->assertSee('Ask the shop before you rely on it.');
        $this->get('/')->assertSee('its certificate is in question: G-02 had drifted');
        $this->assertSame('what came up after its release', $this->job->refresh()->waits_for);
        $this->get($this->url('certificate'))->assertSee('Something came up about this certificate.');

        $this->recall('withdrawn')->assertSessionDoesntHaveErrors();
        $this->get($page)->assertSee('This certificate is withdrawn.');
        $this->get('/')->assertDontSee('its certificate is in question');
        $this->recall('stands')->assertSessionHasErrors('recall');
        $this->assertSame(2, Recall::query()->count());
        $this->artisan('ledger:verify', ['tag' => $this->job->tag()])->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_released_job_takes_a_recall_and_nothing_else_and_an_open_one_no_recall(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '0.1', 'bores.final')->assertStatus(422);
        $entries = LedgerEntry::query()->where('job_id', $this->job->id)->count();
        $form = ['ulid' => $this->ulid(), 'standing' => 'in_question', 'cause' => 'gauge', 'reason' => 'G-02 had drifted'];
        $this->post($this->url('release/recalls'), $form)->assertSessionDoesntHaveErrors();
        $this->post($this->url('release/recalls'), $form)->assertSessionDoesntHaveErrors();
        $this->assertSame($entries + 1, LedgerEntry::query()->where('job_id', $this->job->id)->count(), 'sent twice, written once');
        $this->recall('in_question', '')->assertSessionHasErrors(['reason' => 'Say what came up.']);

        $this->job = $this->job($this->person(Role::Owner));
        $this->recall('in_question')->assertSessionHasErrors('recall');
    }

    public function test_a_job_that_is_open_again_gets_a_certificate_that_replaces_the_old_one(): void
    {
        $old = Release::query()->sole();
        $this->recall('reopened')->assertSessionDoesntHaveErrors();
        $this->assertFalse($this->job->refresh()->is_closed);
        $this->get("/certificates/{$old->ulid}")->assertSee('the work is being looked at again');
        $this->get($this->url('certificate.pdf'))->assertRedirect($this->url('release'));
        $this->get($this->url('certificate'))->assertSee('<p class="line out">▲ This certificate is withdrawn', false);
        $this->get($this->url('release'))->assertSee('withdrawn, and the job is open again')->assertDontSee('Sign and release');
        $this->recall('stands')->assertSessionHasErrors('recall');
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors([
            'sign' => 'Nothing was read or decided since this job was opened again. Read again what was in doubt, then sign.',
        ]);

        $this->key($this->job, 'bore.1.top.thrust', '0.3', 'bores.final', ['reason' => 'zero_was_off'])->assertOk();
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();
        $this->assertTrue($this->job->refresh()->is_closed);
        $new = Release::query()->latest('id')->firstOrFail();
        $text = json_decode($new->certificate, true, 32, JSON_THROW_ON_ERROR);
        $this->assertSame($old->certificate_hash, $text['replaces']['hash']);
        $schema = (string) file_get_contents(resource_path('documents/certificate.schema.json'));
        $this->assertTrue((new Validator())->validate(json_decode($new->certificate, false, 32, JSON_THROW_ON_ERROR), $schema)->isValid());
        $this->get($this->url('certificate'))->assertSee('It replaces the certificate of')->assertSee($old->certificate_hash);
        $this->get("/certificates/{$old->ulid}")
            ->assertSee('A newer certificate replaces this one.')
            ->assertSee("/certificates/{$new->ulid}", false);
        $this->get("/certificates/{$new->ulid}")->assertSee('This certificate stands as it was signed.');
        $this->assertSame('nothing: released', $this->job->waits_for);

        $this->recall('withdrawn')->assertSessionDoesntHaveErrors();
        $this->get("/certificates/{$new->ulid}")->assertSee('This certificate is withdrawn.');
        $this->get("/certificates/{$old->ulid}")->assertSee('A newer certificate replaces this one.');
        $this->recall('in_question')->assertSessionHasErrors('recall');
        $this->recall('reopened')->assertSessionDoesntHaveErrors();
        $this->artisan('ledger:verify', ['tag' => $this->job->tag()])->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_that_an_open_job_was_read_in_from_a_package_is_nothing_read(): void
    {
        $this->recall('reopened')->assertSessionDoesntHaveErrors();
        $package = JobPackage::fromJson((string) JobPackage::of($this->job->id, ...$this->books())?->toJson());
        $this->forgetEverything();
        $inspector = $this->person(Role::Inspector);
        $job = $this->app->make(ImportPackage::class)->handle($package, $this->person(Role::Owner));
        $this->assertSame('imported', LedgerEntry::query()->where('job_id', $job->id)->latest('number')->value('kind'));
        $this->actingAs($inspector)
            ->post("/jobs/{$job->tag()}/release", ['ulid' => $this->ulid(), 'password' => 'a-password'])
            ->assertSessionHasErrors(['sign' => __('release.unchanged')]);
    }

    public function test_a_key_that_cannot_be_read_is_no_reason_to_make_another(): void
    {
        $file = config('app.key_folder').'/shop.key';
        $key = (string) file_get_contents($file);
        File::put($file, "not a key\n");
        try {
            ShopKey::ifMade();
            $this->fail('a key was made up');
        } catch (RuntimeException $refused) {
            $this->assertStringContainsString('do not make a new one', $refused->getMessage());
        }
        $this->assertStringEqualsFile($file, "not a key\n");
        File::put($file, $key);
        chmod($file, 0000);
        $package = json_decode((string) JobPackage::of($this->job->id, ...$this->books())?->toJson(), true);
        $this->assertArrayNotHasKey('signature', $package, 'who may not read the key signs nothing, and goes on');
        chmod($file, 0600);
        $this->assertSame($key, file_get_contents($file));
    }

    public function test_a_chain_that_was_rewritten_from_its_first_entry_is_found_by_its_seal(): void
    {
        $this->assertFileExists($this->seals(), 'sealed at the release');
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:seal')->expectsOutput('Nothing was written since the last seal.')->assertSuccessful();
        $this->recall('in_question');
        $this->artisan('ledger:seal', ['--daily' => true])->assertSuccessful();
        $this->assertCount(1, file($this->seals()) ?: [], 'sealed today already');
        $this->artisan('ledger:seal')->expectsOutput('Seal 2: 1 ledgers.')->assertSuccessful();
        $this->artisan('ledger:verify')->assertSuccessful();

        $hash = str_repeat('0', 64);
        foreach (LedgerEntry::query()->where('job_id', $this->job->id)->orderBy('number')->get() as $entry) {
            $entry->payload = str_replace('3.83', '3.82', $entry->payload);
            $entry->previous_hash = $hash;
            $entry->hash = $hash = $entry->computedHash();
            $this->besideTheHouse(static fn (): bool => $entry->save());
        }
        $this->job->refresh()->update(['head_hash' => $hash]);
        $this->artisan('ledger:verify', ['tag' => $this->job->tag()])->assertSuccessful();
        $this->artisan('ledger:verify')->assertFailed();
    }

    public function test_a_seal_that_was_altered_or_taken_out_is_found(): void
    {
        $this->recall('in_question');
        $this->artisan('ledger:seal')->assertSuccessful();
        $lines = file($this->seals()) ?: [];
        $this->assertCount(2, $lines);
        File::put($this->seals(), $lines[1]);
        $this->artisan('ledger:verify')->expectsOutput('seal 1 was changed after it was written.')->assertFailed();
        File::put($this->seals(), str_replace('"number":1', '"number":9', $lines[0]).$lines[1]);
        $this->artisan('ledger:verify')->assertFailed();
        File::put($this->seals(), implode('', $lines));
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    private function seals(): string
    {
        return "{$this->outside}/seals/".DB::scalar('SELECT ulid FROM houses').'.jsonl';
    }

    private function recall(string $standing, string $reason = 'G-02 had drifted'): TestResponse
    {
        return $this->post($this->url('release/recalls'), [
            'ulid' => $this->ulid(),
            'standing' => $standing,
            'cause' => 'gauge',
            'reason' => $reason,
        ]);
    }

    private function openssl(): bool
    {
        $check = new Process(
            ['openssl', 'pkeyutl', '-verify', '-pubin', '-inkey', 'pem', '-rawin', '-in', 'text', '-sigfile', 'sig'],
            $this->outside,
        );

        return $check->run() === 0;
    }
}
