<x-stamp :stamp="$page->stamp" />
@if($page->needs !== [])
<h2>What each size would do</h2>
<table class="w-full text-[14.5px]"><tbody>
@foreach($page->needs as $need)
    <tr>
        <th scope="row" class="num w-[64px] text-left align-top">{{ $need->name }}</th>
        <td class="{{ ['good' => 'ok', 'close' => 'warn', 'out' => 'bad'][$need->state->value] }} pb-1">
            <span aria-hidden="true">{{ $need->state->sign() ?: '✓' }}</span> {{ $need->words }}
        </td>
    </tr>
@endforeach
</tbody></table>
@endif
<h2>Wear map</h2>
@if($page->map !== [])
<dl class="facts">
    @foreach($page->map as $line)<div class="whole"><dt>{{ $line['name'] }}</dt><dd class="num">{{ $line['text'] }}</dd></div>@endforeach
</dl>
<p class="rule-id">BORE-8, clean-up stock included</p>
@else
<p>{{ $page->missing }} <span class="rule-id">BORE-8</span></p>
@endif
<h2>Ring-gap check</h2>
@foreach($page->ringGaps as $line)
    <p class="line {{ $line->state->value }}">{{ $line->text }} <span class="rule-id">BORE-13</span></p>
@endforeach
@if($mayWrite)
<details id="ring-gap" @if($errors->hasAny(['known_bore', 'known_gap', 'gap'])) open @endif>
    <summary>Square a ring of known gap in this bore</summary>
<form
    method="post" action="/jobs/{{ $job->tag() }}/sheets/bores/bores/{{ $page->cylinder }}/ring-gap" class="fields" id="ring-gap-form"
    data-outbox-form>
    @csrf
    <x-ulid />
    <div class="field">
        <label for="station">At</label>
        <select id="station" name="station">
            @foreach(['top', 'middle', 'bottom'] as $station)
                <option @selected(old('station') === $station)>{{ $station }}</option>
            @endforeach
        </select>
    </div>
    @foreach(['known_bore' => 'The bore it is known in', 'known_gap' => 'Its gap there', 'gap' => 'Its gap here'] as $field => $label)
        <div class="field">
            <label for="{{ $field }}">{{ $label }}</label>
            <input id="{{ $field }}" name="{{ $field }}" value="{{ old($field) }}" class="num" autocomplete="off" maxlength="60">
            <x-field-error :name="$field" />
        </div>
    @endforeach
    <p class="error" data-form-error id="ring-gap-error" role="alert" hidden></p>
    <button class="button plain">Write it</button>
</form></details>
@endif
