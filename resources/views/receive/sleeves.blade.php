<h2>Earlier work, as found</h2>
<div class="scroll-x" tabindex="0" role="region" aria-label="Sleeve survey by bore">
<table class="ledger survey">
    <thead>
        <tr>
            <th scope="col">Bore</th>
            <th scope="col">Sleeve</th>
            <th scope="col">Length</th>
            <th scope="col">Felt</th>
            <th scope="col"><span class="sr-only">Keep</span></th>
        </tr>
    </thead>
    <tbody>
@foreach($view->sleeves as $sleeve)
<tr class="{{ $sleeve->findings !== '' ? 'out' : '' }}">
    <th scope="row" class="num">{{ $sleeve->cylinder }}</th>
    @if($mayWrite)
    <td>
        <form
            method="post" action="/jobs/{{ $file->job->tag() }}/receive/sleeves" id="sleeve-{{ $sleeve->cylinder }}" data-keep
            data-words="sleeve survey of bore {{ $sleeve->cylinder }}">
            @csrf
            <x-ulid />
            <input type="hidden" name="cylinder" value="{{ $sleeve->cylinder }}">
            <x-live-error :id="'sleeve-'.$sleeve->cylinder" />
        </form>
        <select
            form="sleeve-{{ $sleeve->cylinder }}" id="sleeve-kind-{{ $sleeve->cylinder }}" name="kind"
            aria-label="Sleeve in bore {{ $sleeve->cylinder }}">
            <option value="">not surveyed</option>
            @foreach(['none' => 'none', 'plain' => 'plain', 'flanged' => 'flanged'] as $kind => $word)
                <option value="{{ $kind }}" @selected($sleeve->kind === $kind)>{{ $word }}</option>
            @endforeach
        </select>
        <select
            form="sleeve-{{ $sleeve->cylinder }}" id="sleeve-below-{{ $sleeve->cylinder }}" name="kind_below"
            aria-label="Another piece below it in bore {{ $sleeve->cylinder }}">
            <option value="">nothing below</option>
            @foreach(['plain' => 'plain below', 'flanged' => 'flanged below'] as $kind => $word)
                <option value="{{ $kind }}" @selected($sleeve->kindBelow === $kind)>{{ $word }}</option>
            @endforeach
        </select>
    </td>
    <td>
        <input
            form="sleeve-{{ $sleeve->cylinder }}" id="sleeve-length-{{ $sleeve->cylinder }}" name="length" value="{{ $sleeve->length }}"
            class="num" size="8" maxlength="40" aria-label="Length of the sleeve in bore {{ $sleeve->cylinder }}" autocomplete="off">
        <input
            form="sleeve-{{ $sleeve->cylinder }}" id="sleeve-length-below-{{ $sleeve->cylinder }}" name="length_below"
            value="{{ $sleeve->lengthBelow }}" class="num" size="8" maxlength="40"
            aria-label="Length of the piece below in bore {{ $sleeve->cylinder }}" autocomplete="off">
    </td>
    <td class="ticks">
        @foreach([
            'joint_felt' => [$sleeve->jointFelt, 'joint'],
            'flange_not_seated' => [$sleeve->flangeNotSeated, 'flange up'],
            'edge_catches_nail' => [$sleeve->edgeCatchesNail, 'edge catches']
            ] as $name => [$isSet, $word])
            <label><input
                    form="sleeve-{{ $sleeve->cylinder }}" type="checkbox" id="{{ $name }}-{{ $sleeve->cylinder }}" name="{{ $name }}"
                    value="1" @checked($isSet)>{{ $word }}</label>@endforeach
    </td>
    <td><button class="button plain" form="sleeve-{{ $sleeve->cylinder }}">{{ $sleeve->kind === '' ? 'Keep' : 'Again' }}</button></td>
    @else
    <td>{{ $sleeve->kind === '' ? 'not surveyed' : $sleeve->kind }}</td>
    <td class="num">{{ $sleeve->length }}</td>
    <td class="bad">{{ $sleeve->findings }}</td>
    <td></td>
    @endif
</tr>
@endforeach
</tbody></table>
</div>
@foreach($view->sleeves as $sleeve)
@if($sleeve->findings !== '')
<div class="line {{ $sleeve->waitsForCustomer ? 'close' : 'out' }} my-2">
    <b>Cylinder {{ $sleeve->cylinder }}:</b> {{ $sleeve->findings }}. Left like that, the worst that is likely: {{ $sleeve->worstOutcome }}.
    <span class="rule-id inline">SLV-3</span>
    @if($sleeve->answer !== '')<p><b>{{ $sleeve->answer }}.</b></p>@endif
    @can('answer-for-customer')
    @if($sleeve->waitsForCustomer && ! $file->job->is_closed)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/receive/sleeves/customer" id="sleeve-answer-{{ $sleeve->cylinder }}"
        class="inline-fields" data-keep data-words="the customer's answer to the sleeve of cylinder {{ $sleeve->cylinder }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="cylinder" value="{{ $sleeve->cylinder }}">
        <div class="field grow">
            <label for="sleeve-how-{{ $sleeve->cylinder }}">The customer’s answer: who said it, and how</label>
            <input id="sleeve-how-{{ $sleeve->cylinder }}" name="how" maxlength="120" autocomplete="off">
        </div>
        <button class="button plain" name="answer" value="accepted">It stays</button><button
            class="button plain" name="answer" value="declined">
            It comes out
        </button>
        <x-live-error :id="'sleeve-answer-'.$sleeve->cylinder" />
    </form>
    @endif
    @endcan
</div>
@endif
@endforeach
<div class="inline-fields">
@foreach($view->found as $found)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/receive/found" id="found-{{ $loop->index }}" data-keep
        data-words="{{ $found['kind'] }}, count found">
        @csrf <x-ulid /><input type="hidden" name="kind" value="{{ $found['kind'] }}">
        <div class="field">
            <label for="found-count-{{ $loop->index }}">{{ ucfirst(str_replace(' fitted', '', $found['kind'])) }}, found</label>
        <span class="flex gap-2"><input
                id="found-count-{{ $loop->index }}" name="count" class="num" value="{{ $found['count'] }}" inputmode="numeric" maxlength="3"
                @disabled(! $mayWrite)>
            @if($mayWrite)<button class="button plain">Keep</button>@endif</span>
    </div>
        <x-live-error :id="'found-'.$loop->index" />
    </form>
@endforeach
</div>
