export default 'asset';
