<h2>Bore by bore</h2>
<p class="soft text-sm">The same looks stand on the bore sheet and count in its verdict.</p>
<div class="scroll-x" tabindex="0" role="region" aria-label="Looks by bore">
<table class="strip">
    <thead>
        <tr>
            <td></td>
            @foreach($view->cylinders as $cylinder)<th scope="col"><span class="sr-only">cylinder </span>{{ $cylinder }}</th>@endforeach
        </tr>
    </thead>
    <tbody>
@foreach($view->strip as $row)
<tr><th scope="row">{{ $row->label }}</th>
@foreach($row->cells as $cell)
    <td class="{{ $cell->state->value }}">
    @if($mayWrite)
    <form
        method="post" action="/jobs/{{ $file->job->tag() }}/clean/looks" id="look-{{ str_replace('.', '-', $cell->place) }}" data-keep
        data-words="{{ $cell->words }}">
        @csrf
        <x-ulid />
        <input type="hidden" name="place" value="{{ $cell->place }}">
        <select id="text-{{ str_replace('.', '-', $cell->place) }}" name="text" aria-label="{{ $cell->words }}" data-sends>
            <option value="">{{ $cell->state === \App\Pages\CellState::Missing ? '·' : $cell->small }}</option>
            @foreach(explode(' · ', $cell->prompt) as $choice)<option value="{{ $choice[0] }}">{{ $choice }}</option>@endforeach
        </select>
        <x-live-error :id="'look-'.str_replace('.', '-', $cell->place)" />
    </form>
    @else {{ $cell->small }} @endif
    @if($cell->state->sign() !== '')<i aria-hidden="true">{{ $cell->state->sign() }}</i>@endif</td>
@endforeach
</tr>
@endforeach
</tbody></table>
</div>
