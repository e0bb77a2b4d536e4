import type { HandleClientError } from '@sveltejs/kit';

/** What fails on the page is mostly that the workshop does not answer: said in words, not as an error of the machine. */
export const handleError: HandleClientError = ({ error, status, message }) => {
	if (status === 404) return { message };
	console.error(error);
	return { message: 'The workshop does not answer. Check that Ember Ribbon is still running, then load this page again: nothing is lost.' };
};
