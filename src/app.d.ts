declare module '*.woff' {
	const url: string;
	export default url;
}
